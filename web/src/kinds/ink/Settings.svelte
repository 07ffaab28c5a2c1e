<script lang="ts">
  import type { SettingsProps } from "../teacher";

  let { field, page, onchange }: SettingsProps<"ink"> = $props();
</script>

<label class="flex items-center gap-2 text-sm">
  <input
    type="checkbox"
    class="toggle toggle-secondary toggle-sm"
    checked={field.points > 0}
    onchange={(event) => {
      const points = event.currentTarget.checked ? 1 : 0;
      onchange((field) => ({ ...field, points }));
    }}
  />
  Marked by you
</label>
<p class="quiet -mt-2 text-sm">Working-out beside an answer need not be marked.</p>
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
  Over the whole page
</label>
