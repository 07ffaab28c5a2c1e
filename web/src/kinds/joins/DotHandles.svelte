<script lang="ts">
  import PointHandles from "../PointHandles.svelte";
  import type { HandlesProps } from "../teacher";

  let { field, view, onshow, onfield }: HandlesProps<"joins"> = $props();
</script>

<PointHandles
  all={{ box: field.box, points: field.dots }}
  {view}
  onshow={(all) => onshow(all && { ...field, box: all.box, dots: [...all.points] })}
  onmoved={({ box, points }) => onfield({ ...field, box, dots: [...points] })}
/>
