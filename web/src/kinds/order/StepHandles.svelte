<script lang="ts">
  import PointHandles from "../PointHandles.svelte";
  import type { HandlesProps } from "../teacher";

  let { field, view, onshow, onfield }: HandlesProps<"order"> = $props();
</script>

<PointHandles
  all={{ box: field.box, points: field.steps }}
  {view}
  onshow={(all) => onshow(all && { ...field, box: all.box, steps: [...all.points] })}
  onmoved={({ box, points }) => onfield({ ...field, box, steps: [...points] })}
/>
