<script lang="ts">
  import type { KeyFieldProps } from "../teacher";
  import { drawn, together, type Line } from "./lines";
  import Lines from "./Lines.svelte";
  import { lineName } from "./lines";

  let { field, fieldKey, scale, label, onkey }: KeyFieldProps<"joins"> = $props();

  const lines = $derived(fieldKey?.lines ?? []);
  const size = $derived({ width: field.box.width * scale, height: field.box.height * scale });

  function join(line: Line) {
    const entries = new Map(lines.map((each) => [lineName(field.dots, each), { drawn: true }]));
    for (const [name, is] of drawn(field, lines, line)) entries.set(name, { drawn: is });
    const now = together(field, entries);
    onkey(now.length > 0 ? { kind: "joins", lines: now } : null);
  }
</script>

<Lines
  dots={field.dots}
  {lines}
  curved={field.curved}
  coloured={field.coloured}
  {size}
  still={false}
  {label}
  onjoin={join}
/>
