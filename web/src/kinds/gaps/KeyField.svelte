<script lang="ts">
  // The passage with a place for the right word in each gap.
  import LIMITS from "../../generated/limits.json";
  import type { KeyFieldProps } from "../teacher";
  import { typedRight } from "../written_key";
  import { rightText } from "../written_parts";
  import { offered } from "./fills";
  import Passage from "./Passage.svelte";
  import { passagePoints } from "./size";

  let { field, fieldKey, numbers, style, scale, onkey }: KeyFieldProps<"gaps"> = $props();

  const size = $derived(passagePoints(field, style) * scale);
  const wordOf = (id: string) => rightText(fieldKey, id);

  function write(id: string, text: string) {
    const right = typedRight(fieldKey?.right ?? [], id, text);
    onkey(right.length > 0 ? { kind: "gaps", right } : null);
  }
</script>

<Passage passage={field.passage} size="{size}px">
  {#snippet gap(id, first)}
    {@const words = offered(field, id)}
    <span class="gap">
      {#if first}
        <span class="gap-number" aria-hidden="true">{numbers[id]}</span>
        {#if words.length > 0}
          <select
            class="gap-control"
            aria-label="Right answer {numbers[id]}"
            value={wordOf(id)}
            onchange={(event) => write(id, event.currentTarget.value)}
          >
            <option value=""></option>
            {#each words as word (word)}<option>{word}</option>{/each}
          </select>
        {:else}
          <input
            class="gap-control"
            aria-label="Right answer {numbers[id]}"
            size={Math.max(6, wordOf(id).length)}
            maxlength={LIMITS.written}
            value={wordOf(id)}
            oninput={(event) => write(id, event.currentTarget.value)}
            autocomplete="off"
            spellcheck="false"
          />
        {/if}
      {:else}
        <bdi class="gap-words">{wordOf(id) || " "}</bdi>
      {/if}
    </span>
  {/snippet}
</Passage>
