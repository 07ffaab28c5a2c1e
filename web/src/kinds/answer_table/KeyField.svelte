<script lang="ts">
  import LIMITS from "../../generated/limits.json";
  import type { KeyFieldProps } from "../teacher";
  import { typedRight } from "../written_key";
  import { rightText } from "../written_parts";
  import { ontoNext } from "./arrows";
  import Cells from "./Cells.svelte";
  import { cellName } from "./grid";
  import { cellSize } from "./size";

  let { field, fieldKey, numbers, style, scale, onkey }: KeyFieldProps<"answer_table"> = $props();

  const textOf = (id: string) => rightText(fieldKey, id);

  function write(id: string, text: string) {
    const right = typedRight(fieldKey?.right ?? [], id, text);
    onkey(right.length > 0 ? { kind: "answer_table", right } : null);
  }
</script>

<Cells grid={field} size={cellSize(field, style, scale)}>
  {#snippet cell(one)}
    <span class="gap-number" aria-hidden="true">{numbers[one.id]}</span>
    <input
      class="table-control"
      data-cell={one.id}
      aria-label="Right answer {numbers[one.id]}: {cellName(one)}"
      maxlength={LIMITS.written}
      value={textOf(one.id)}
      oninput={(event) => write(one.id, event.currentTarget.value)}
      onkeydown={(event) => ontoNext(event, field, one)}
      autocomplete="off"
      spellcheck="false"
      dir="auto"
    />
  {/snippet}
</Cells>
