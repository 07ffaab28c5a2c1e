<script lang="ts">
  // What the check of the question in hand said, and how many tries are left.
  import { plural } from "../../words/say";
  import VerdictMark, { inWords } from "../../ui/VerdictMark.svelte";
  import type { Working } from "./working.svelte";

  let { working }: { working: Working } = $props();

  const question = $derived(working.question);
  const said = $derived(question && working.verdict(question));
  const left = $derived(question && working.copy.may_check ? working.triesLeft(question) : null);
</script>

{#if said}
  <span class="flex items-center gap-2">
    <VerdictMark verdict={said.verdict} silent />
    <span
      ><b>{inWords(said.verdict)}</b>{#if said.reason}<span class="text-sm">: <bdi>{said.reason}</bdi></span
        >{/if}</span
    >
  </span>
  {#if said.hint}
    <p class="basis-full text-sm max-sm:order-last sm:order-first sm:text-end">
      <b>Hint:</b>
      {said.hint}
    </p>
  {/if}
{/if}
{#if left !== null && !working.readonly && said?.verdict !== "right"}
  <span class="quiet text-sm whitespace-nowrap">
    {left === 0 ? "No try left" : plural(left, ["# try left", "# tries left"])}
  </span>
{/if}
