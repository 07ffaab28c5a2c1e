<script lang="ts">
  import type { Device } from "../../../saving/device";
  import { Listening } from "../listening/listening.svelte";
  import Paper from "../Paper.svelte";
  import { ReadingSettings } from "../reading/reading.svelte";
  import type { Working } from "../working.svelte";
  import { setSheetStore } from "../../../kinds/sheet_store";

  let { working }: { working: Working } = $props();

  // svelte-ignore state_referenced_locally
  setSheetStore(working);
  const listening = new Listening("made-up", () => "");
  const reading = new ReadingSettings("Made Up", {
    recall: () => undefined,
    watch: () => undefined,
  } as unknown as Device);
</script>

<Paper {working} docked={false} single={false} {listening} {reading} Instructed={undefined} />
