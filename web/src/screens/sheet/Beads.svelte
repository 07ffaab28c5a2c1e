<script lang="ts">
  import type { Prompt } from "../../api/student";
  import type { Working } from "./working.svelte";

  let { working, ongo }: { working: Working; ongo: (fieldId: string) => void } = $props();

  function look(prompt: Prompt): string {
    if (working.current === prompt.id && !working.readonly) return "bg-accent text-accent-content";
    return working.isBlank(prompt)
      ? "outline-[1.6px] -outline-offset-1 outline-dashed outline-(--line)"
      : "bg-primary text-primary-content";
  }
</script>

<ol class="flex min-w-0 flex-1 overflow-x-auto p-0.5">
  {#each working.prompts as prompt (prompt.id)}
    <li>
      <button
        class="grid h-11 min-w-11 place-items-center rounded-full"
        aria-label="Question {working.number(prompt)}, {working.isBlank(prompt) ? 'blank' : 'answered'}"
        aria-current={working.current === prompt.id ? "true" : undefined}
        onclick={() => ongo(prompt.id)}
      >
        <span
          class="grid h-8 min-w-8 place-items-center rounded-full px-1.5 text-sm whitespace-nowrap font-bold tabular-nums {look(
            prompt,
          )}"
        >
          {working.number(prompt)}
        </span>
      </button>
    </li>
  {/each}
</ol>
