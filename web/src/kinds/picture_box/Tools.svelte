<script lang="ts">
  // What is done with the picture in hand, and what is said of it.
  import Minus from "@lucide/svelte/icons/zoom-out";
  import Plus from "@lucide/svelte/icons/zoom-in";
  import RotateCw from "@lucide/svelte/icons/rotate-cw";
  import Tag from "@lucide/svelte/icons/tag";
  import Trash from "@lucide/svelte/icons/trash-2";
  import { sheetStore } from "../sheet_store";
  import type { PromptOf } from "../student";
  import ChoosePicture from "./ChoosePicture.svelte";
  import { toolsOf } from "./tools.svelte";
  import { NOTHING, turnedOn, zoomedBy, type Answer } from "./view";

  let { prompt }: { prompt: PromptOf<"picture_box"> } = $props();

  const store = sheetStore();
  const tools = toolsOf(store);
  const answer = $derived.by((): Answer => {
    const now = store.answers[prompt.id];
    return now?.kind === "picture_box" ? now : NOTHING;
  });
  const waits = $derived(store.files.waiting.has(prompt.id));
  const sizes = $derived(tools.sizes[prompt.id]);
  const set = (changed: Partial<Answer>) => store.change(prompt, "", { ...answer, ...changed });

  function zoom(factor: number) {
    if (sizes) set(zoomedBy(sizes.picture, sizes.box, answer, factor));
  }

  const STEP = 1.25;
</script>

<div class="flex flex-wrap items-center gap-1.5">
  <ChoosePicture
    label="Picture for {prompt.parts[0]?.number}"
    again={answer.picture !== null || waits}
    onfile={(file) => store.files.put(prompt, file)}
  />
  {#if answer.picture && !waits}
    <div class="flex gap-1" role="group" aria-label="The picture">
      <button
        class="btn btn-ghost size-11 p-0"
        aria-label="Turn"
        title="Turn"
        onclick={() => set(turnedOn(answer))}><RotateCw size={18} aria-hidden="true" /></button
      >
      <button class="btn btn-ghost size-11 p-0" aria-label="Larger" title="Larger" onclick={() => zoom(STEP)}
        ><Plus size={18} aria-hidden="true" /></button
      >
      <button
        class="btn btn-ghost size-11 p-0"
        aria-label="Smaller picture"
        title="Smaller"
        disabled={answer.zoom <= 1}
        onclick={() => zoom(1 / STEP)}><Minus size={18} aria-hidden="true" /></button
      >
      <button
        class="btn size-11 p-0 {tools.labelling ? 'btn-primary' : 'btn-ghost'}"
        aria-label="Label"
        title="Label: press on the picture"
        aria-pressed={tools.labelling}
        onclick={() => (tools.labelling = !tools.labelling)}><Tag size={18} aria-hidden="true" /></button
      >
      <button
        class="btn btn-ghost size-11 p-0"
        aria-label="Take the picture away"
        title="Take it away"
        onclick={() => set(NOTHING)}><Trash size={18} aria-hidden="true" /></button
      >
    </div>
    <label class="flex min-w-52 flex-1 items-center gap-2 text-sm">
      <span class="flex-none">What is on it?</span>
      <input
        class="input h-11 min-w-0 flex-1"
        maxlength="500"
        placeholder="For those who do not see it"
        value={answer.says}
        dir="auto"
        oninput={(event) => set({ says: event.currentTarget.value })}
      />
    </label>
  {/if}
  {#if waits}
    <p class="text-sm font-semibold" role="status">
      It is kept on this device, and sent when there is a connection.
    </p>
  {/if}
</div>
