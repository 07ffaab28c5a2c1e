<script lang="ts">
  // Whether what no key can say is right or not is marked by the teacher, or not at all.
  let { points, onpoints }: { points: number; onpoints: (points: number) => void } = $props();
</script>

<label class="flex items-center gap-2 text-sm">
  <input
    type="checkbox"
    class="toggle toggle-secondary toggle-sm"
    checked={points > 0}
    onchange={(event) => onpoints(event.currentTarget.checked ? 1 : 0)}
  />
  Marked by you
</label>
