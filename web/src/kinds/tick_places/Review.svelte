<script lang="ts">
  import type { ReviewProps } from "../teacher";
  import Ticks from "./Ticks.svelte";

  let { field, answer }: ReviewProps<"tick_places"> = $props();
</script>

<Ticks spots={field.spots} sign={field.sign} picked={answer?.picked ?? []} />
