<script lang="ts">
  import type { Question, Working } from "./working.svelte";

  let { working, ongo }: { working: Working; ongo: (question: Question) => void } = $props();

  function look(question: Question): string {
    if (working.current === question.name && !working.readonly) return "bg-accent text-accent-content";
    return working.isBlank(question)
      ? "outline-[1.6px] -outline-offset-1 outline-dashed outline-(--line)"
      : "bg-primary text-primary-content";
  }

  let beads: HTMLOListElement;
  $effect(() => {
    const at = working.questions.findIndex(({ name }) => name === working.current);
    const bead = beads.children[at];
    if (!(bead instanceof HTMLElement)) return;
    // The row alone is scrolled, and not the page around it.
    const middle = bead.offsetLeft + bead.offsetWidth / 2;
    beads.scrollTo({ left: middle - beads.clientWidth / 2 });
  });
</script>

<ol bind:this={beads} class="relative flex min-w-0 flex-1 overflow-x-auto p-0.5">
  {#each working.questions as question (question.name)}
    <li>
      <button
        class="grid h-11 min-w-11 place-items-center"
        aria-label={working.isBlank(question)
          ? `Question ${question.part.number}, blank`
          : `Question ${question.part.number}, answered`}
        aria-current={working.current === question.name ? "true" : undefined}
        onclick={() => ongo(question)}
      >
        <span class="number-tab h-8 min-w-8 px-1.5 text-sm font-bold {look(question)}">
          {question.part.number}
        </span>
      </button>
    </li>
  {/each}
</ol>
