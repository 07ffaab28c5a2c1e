<script lang="ts">
  import CountInput from "../../ui/CountInput.svelte";
  import type { KeySettingsProps } from "../teacher";
  import { keyOf, keySet } from "./key";
  import Values from "./Values.svelte";

  let { field, fieldKey, onkey }: KeySettingsProps<"plot"> = $props();

  const id = $props.id();

  function set(now: ReturnType<typeof keySet>) {
    const key = keyOf(now, fieldKey);
    if (key) onkey(key);
  }
</script>

<Values asked={field} set={keySet(fieldKey)} readOut onset={set} />
<div>
  <label class="field-label" for={id}>May be off by (steps)</label>
  <CountInput
    {id}
    value={fieldKey.off}
    min={0}
    max={100}
    step="any"
    onvalue={(off) => onkey({ ...fieldKey, off })}
  />
</div>
