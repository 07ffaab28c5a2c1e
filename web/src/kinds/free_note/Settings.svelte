<script lang="ts">
  import MarkedByYou from "../MarkedByYou.svelte";
  import type { SettingsProps } from "../teacher";

  let { field, page, onchange }: SettingsProps<"free_note"> = $props();
</script>

<MarkedByYou points={field.points} onpoints={(points) => onchange((field) => ({ ...field, points }))} />
<label class="flex items-center gap-2 text-sm">
  <input
    type="checkbox"
    class="toggle toggle-secondary toggle-sm"
    checked={field.whole_page}
    onchange={(event) => {
      const whole_page = event.currentTarget.checked;
      const box = { x: 0, y: 0, width: page.width, height: page.height };
      onchange((field) => ({ ...field, whole_page, ...(whole_page ? { box } : {}) }));
    }}
  />
  Anywhere on the page
</label>
