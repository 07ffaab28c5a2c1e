<script lang="ts">
  import { scaleOf, type DeviceSize } from "./devices";

  let { device, address }: { device: DeviceSize; address: string } = $props();

  let across = $state(0);
  let down = $state(0);
  const scale = $derived(scaleOf(device, across, down));
</script>

<div
  class="flex h-full min-h-0 min-w-0 justify-center"
  style:flex="{device.width}
  {device.width} 0"
  bind:clientWidth={across}
  bind:clientHeight={down}
>
  <div style:width="{device.width * scale}px" style:height="{device.height * scale}px">
    <iframe
      title="The sheet on a {device.label}"
      src={address}
      class="origin-top-left rounded-md border border-(--line) bg-base-100 shadow-md"
      style:width="{device.width}px"
      style:height="{device.height}px"
      style:transform="scale({scale})"
      allow="camera 'self'; microphone 'self'"
    ></iframe>
  </div>
</div>
