<script lang="ts">
  // What the kind of the question in hand has to help with its answer: signs to press.
  import { tick } from "svelte";
  import { kindOf } from "../../kinds/student";
  import { tabThrough } from "./aid_keys";
  import type { Working } from "./working.svelte";

  interface Props {
    working: Working;
    /** Where a question is answered, once it is shown. */
    find: (question: string) => HTMLElement | null;
    /** Whether it stands apart from the answer. */
    apart?: boolean;
    class?: string;
  }
  let { working, find, apart = false, class: own = "" }: Props = $props();

  const prompt = $derived(working.readonly ? undefined : working.question?.prompt);
  const Aid = $derived(prompt && kindOf(prompt).aids?.(prompt) ? kindOf(prompt).Aid : undefined);
  let answering = $state.raw<HTMLElement | null>(null);

  $effect(() => {
    const question = Aid && working.current;
    answering = null;
    if (question) void tick().then(() => (answering = find(question)));
  });

  // The aid takes room from the pages: what it helps with stays in view.
  $effect(() => {
    if (apart && answering) answering.scrollIntoView({ block: "nearest" });
  });
</script>

{#if Aid && prompt && answering}
  {#key answering}
    <div class={own} {@attach apart && tabThrough(answering)}><Aid {prompt} {answering} /></div>
  {/key}
{/if}
