<script lang="ts">
  import Paper from "../Paper.svelte";
  import type { Working } from "../working.svelte";
  import { setSheetStore } from "../../../kinds/sheet_store";

  let { working }: { working: Working } = $props();

  // svelte-ignore state_referenced_locally
  setSheetStore(working);
</script>

<Paper {working} docked={false} ruler={false} />
