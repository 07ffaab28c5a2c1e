<script lang="ts">
  // The numbered questions along the lower edge: what is done, what is in hand, what is left.
  import Beads from "./Beads.svelte";
  import CheckSays from "./CheckSays.svelte";
  import CheckButton from "./CheckButton.svelte";
  import ListenButton from "./listening/ListenButton.svelte";
  import type { Listening } from "./listening/listening.svelte";
  import HelpButton from "./help/HelpButton.svelte";
  import FlagButton from "./FlagButton.svelte";
  import type { Question, Working } from "./working.svelte";

  interface Props {
    working: Working;
    listening: Listening;
    ongo: (question: Question) => void;
  }
  let { working, listening, ongo }: Props = $props();

  const answered = $derived(working.asked.length - working.blanks.length);

  function goToNextBlank() {
    const next = working.nextBlank();
    if (next) ongo(next);
  }
</script>

<nav
  class="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-(--hairline) bg-base-100/85 px-4 py-2"
  aria-label="Questions"
>
  <Beads {working} {ongo} />
  <CheckSays {working} />
  <span class="quiet text-sm whitespace-nowrap max-sm:hidden"
    >{answered} of {working.asked.length} answered</span
  >
  <ListenButton {working} {listening} />
  <HelpButton {working} />
  {#if !working.readonly}
    <FlagButton {working} />
    <CheckButton {working} />
    <button
      class="btn btn-outline btn-primary h-11"
      disabled={working.blanks.length === 0}
      onclick={goToNextBlank}
    >
      Next blank
    </button>
  {/if}
</nav>
