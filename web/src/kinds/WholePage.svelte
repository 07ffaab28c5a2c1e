<script lang="ts">
  // Whether a field lies over the whole of its page: its box is the page's then.
  import type { Box } from "../api/teacher";
  import type { Size } from "../canvas/box";

  interface Props {
    label: string;
    whole: boolean;
    page: Size;
    onwhole: (changed: { whole_page: boolean; box?: Box }) => void;
  }
  let { label, whole, page, onwhole }: Props = $props();

  function set(whole_page: boolean) {
    const box = { x: 0, y: 0, width: page.width, height: page.height };
    onwhole(whole_page ? { whole_page, box } : { whole_page });
  }
</script>

<label class="flex items-center gap-2 text-sm">
  <input
    type="checkbox"
    class="toggle toggle-secondary toggle-sm"
    checked={whole}
    onchange={(event) => set(event.currentTarget.checked)}
  />
  {label}
</label>
