<script lang="ts">
  // A picture in its box, with its labels.
  import type { Size } from "../../canvas/box";
  import { inBox, scaleOf, type Answer } from "./view";

  interface Props {
    answer: Answer;
    /** Its address; while it is not sent, one on this device. */
    src: string;
    /** Of the box, in CSS pixels. */
    box: Size;
    /** The picture's size, once it is known. */
    size?: Size | undefined;
  }
  let { answer, src, box, size = $bindable() }: Props = $props();

  const scale = $derived(size ? scaleOf(size, box, answer) : 0);
  const middle = $derived(size ? inBox(size, box, answer, { x: 0.5, y: 0.5 }) : undefined);
</script>

<span class="absolute inset-0 overflow-hidden">
  <img
    {src}
    alt={answer.says || "A picture without words"}
    draggable="false"
    class="absolute max-w-none origin-center"
    style:left="{middle?.x ?? 0}px"
    style:top="{middle?.y ?? 0}px"
    style:width={size ? `${size.width * scale}px` : "1px"}
    style:transform="translate(-50%, -50%) rotate({answer.turn}deg)"
    onload={(event) => {
      const { naturalWidth: width, naturalHeight: height } = event.currentTarget as HTMLImageElement;
      size = { width, height };
    }}
  />
  {#if size}
    {#each answer.labels as label, i (i)}
      {@const at = inBox(size, box, answer, label)}
      <span class="picture-label" style:left="{at.x}px" style:top="{at.y}px" dir="auto">{label.text}</span>
    {/each}
  {/if}
</span>
