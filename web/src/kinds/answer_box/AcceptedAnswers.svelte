<script lang="ts">
  // What else is accepted, and what each of it is worth.
  import type { KeyOf } from "../teacher";
  import AddText from "./AddText.svelte";
  import ShareOptions from "./ShareOptions.svelte";

  type AnswerKey = KeyOf<"answer_box">;

  let { fieldKey, onkey }: { fieldKey: AnswerKey; onkey: (key: AnswerKey) => void } = $props();

  const MOST = 100;
  const accepted = $derived([
    ...fieldKey.also.map((text) => ({ text, percent: 100 })),
    ...fieldKey.partly.map(({ text, percent }) => ({ text, percent })),
  ]);

  /** Accept an answer for so much of the points; nothing: no longer. */
  export function accept(given: string, percent = 100) {
    const text = given.trim();
    const also = fieldKey.also.filter((other) => other !== text);
    const partly = fieldKey.partly.filter((other) => other.text !== text);
    if (!text || Math.max(also.length, partly.length) >= MOST) return;
    if (percent === 100) also.push(text);
    else if (percent) partly.push({ text, percent });
    onkey({ ...fieldKey, also, partly });
  }
</script>

{#if accepted.length > 0}
  <ul class="mb-2 space-y-1.5" aria-label="Also right">
    {#each accepted as { text, percent } (text)}
      <li class="flex items-center gap-1 rounded-lg bg-base-200 ps-3 text-sm">
        <span class="min-w-0 flex-1 break-words" dir="auto">{text}</span>
        <select
          class="input input-xs w-auto"
          aria-label="What {text} is worth"
          value={percent}
          onchange={(event) => accept(text, Number(event.currentTarget.value))}
        >
          <ShareOptions {percent} />
        </select>
        <button
          class="btn btn-circle btn-ghost btn-xs"
          aria-label="{text} is not right"
          onclick={() => accept(text, 0)}>×</button
        >
      </li>
    {/each}
  </ul>
{/if}
<AddText label="Another right answer" onadd={accept} />
