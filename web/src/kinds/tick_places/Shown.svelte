<script lang="ts">
  import type { ShownProps } from "../student";
  import Ticks from "./Ticks.svelte";

  let { prompt, answer }: ShownProps<"tick_places"> = $props();
</script>

<Ticks spots={prompt.spots} sign={prompt.sign} picked={answer?.picked ?? []} />
