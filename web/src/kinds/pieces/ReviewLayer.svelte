<script lang="ts">
  // Slots that are no questions of their own, with what lies in them: those of sets that are one question.
  import type { ReviewLayerProps } from "../teacher";
  import SlotShown from "./SlotShown.svelte";

  let { page, scale, style, fields, answers }: ReviewLayerProps<"pieces"> = $props();
</script>

{#each fields.filter(({ together }) => together) as field (field.id)}
  {#each field.slots.filter((slot) => slot.page === page.id) as slot (slot.id)}
    <span
      class="absolute"
      style:left="{slot.box.x * scale}px"
      style:top="{slot.box.y * scale}px"
      style:width="{slot.box.width * scale}px"
      style:height="{slot.box.height * scale}px"
    >
      <SlotShown
        {field}
        {slot}
        moves={answers.get(field.id)?.moves ?? []}
        style={field.style ?? style}
        {scale}
      />
    </span>
  {/each}
{/each}
