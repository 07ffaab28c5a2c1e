<script lang="ts">
  import type { KeyFieldProps } from "../teacher";
  import Numbers from "./Numbers.svelte";

  let { field, fieldKey, scale, label, onkey }: KeyFieldProps<"order"> = $props();

  /** An order of one is none yet: it is kept here until a second place is pressed. */
  let first = $state<string[]>([]);
  const sequence = $derived(fieldKey?.sequence ?? first);

  function order(now: string[]) {
    first = now.length < 2 ? now : [];
    onkey(now.length < 2 ? null : { kind: "order", sequence: now });
  }
</script>

<Numbers steps={field.steps} {sequence} {scale} still={false} {label} onorder={order} />
