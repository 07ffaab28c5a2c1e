<script lang="ts">
  // A picture that is moved by dragging, or with the arrow keys, and labelled by pressing on it.
  import { tick } from "svelte";
  import type { Point, Size } from "../../canvas/box";
  import { AnswerFile } from "../answer_file.svelte";
  import { sheetStore } from "../sheet_store";
  import type { AnsweringProps } from "../student";
  import PictureShown from "./PictureShown.svelte";
  import { toolsOf } from "./tools.svelte";
  import { inBox, movedBy, NOTHING, onPicture, zoomedBy, type Answer } from "./view";

  let {
    prompt,
    answer: given,
    scale,
    label,
    docked = false,
    readonly = false,
    onanswer,
    onfocus,
  }: AnsweringProps<"picture_box"> = $props();

  const store = sheetStore();
  const tools = toolsOf(store);
  const answer = $derived(given ?? NOTHING);
  const box = $derived({ width: prompt.box.width * scale, height: prompt.box.height * scale });
  const file = new AnswerFile(
    store,
    () => prompt,
    () => answer.picture,
  );
  const waits = $derived(file.waiting);
  const src = $derived(file.address);
  let size = $state.raw<Size>();
  $effect(() => {
    if (size && !docked) tools.sizes[prompt.id] = { picture: size, box };
  });

  let place = $state<HTMLElement>();
  let from: Point | undefined;
  let typing = $state.raw<{ at: Point; index: number; text: string }>();
  let labelInput = $state<HTMLInputElement>();
  const STEP = 12;

  const set = (changed: Partial<Answer>) => onanswer({ ...answer, ...changed });
  const isStill = $derived(readonly || !answer.picture || waits !== undefined);

  function onpointerdown(event: PointerEvent) {
    onfocus();
    if (isStill || event.button !== 0 || !size || !place) return;
    if (tools.labelling) {
      const { left, top } = place.getBoundingClientRect();
      void labelAt(onPicture(size, box, answer, { x: event.clientX - left, y: event.clientY - top }));
      event.preventDefault();
    } else if (answer.zoom > 1) {
      place.setPointerCapture(event.pointerId);
      from = { x: event.clientX, y: event.clientY };
    }
  }

  function onpointermove(event: PointerEvent) {
    if (!from || !size) return;
    set(movedBy(size, box, answer, { x: event.clientX - from.x, y: event.clientY - from.y }));
    from = { x: event.clientX, y: event.clientY };
  }

  function onkeydown(event: KeyboardEvent) {
    if (event.target !== place || isStill || !size) return;
    const by = { ArrowLeft: [STEP, 0], ArrowRight: [-STEP, 0], ArrowUp: [0, STEP], ArrowDown: [0, -STEP] }[
      event.key
    ];
    if (by) set(movedBy(size, box, answer, { x: by[0] ?? 0, y: by[1] ?? 0 }));
    else if (event.key === "+" || event.key === "-")
      set(zoomedBy(size, box, answer, event.key === "+" ? 1.25 : 0.8));
    else if (event.key === "Enter") void labelAt({ x: 0.5, y: 0.5 });
    else return;
    event.preventDefault();
  }

  /** Type a label at a point of the picture. */
  async function labelAt(at: Point, index = answer.labels.length) {
    typing = { at, index, text: answer.labels[index]?.text ?? "" };
    await tick();
    labelInput?.focus();
  }

  function endTyping(keep: boolean) {
    const now = typing;
    typing = undefined;
    if (!now || !keep) return;
    const text = now.text.trim();
    const others = answer.labels.filter((_, i) => i !== now.index);
    if (text !== (answer.labels[now.index]?.text ?? ""))
      set({ labels: text ? [...others, { x: now.at.x, y: now.at.y, text }] : others });
    place?.focus();
  }
</script>

{#if docked}
  <p>
    {src
      ? answer.says || /* @wc-include */ "Your picture lies on the page above."
      : /* @wc-include */ "Add a picture."}
  </p>
{:else}
  <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
  <div
    bind:this={place}
    class="absolute inset-0 {answer.zoom > 1 && !isStill ? 'cursor-grab touch-none' : ''} {tools.labelling
      ? 'cursor-crosshair'
      : ''}"
    role="group"
    tabindex="0"
    aria-label={label}
    {onpointerdown}
    {onpointermove}
    onpointerup={() => (from = undefined)}
    onpointercancel={() => (from = undefined)}
    {onkeydown}
    onfocus={() => onfocus()}
  >
    {#if src}
      <PictureShown answer={waits ? NOTHING : answer} {src} {box} bind:size />
      {#if !isStill && size}
        {#each answer.labels as one, i (i)}
          {@const at = inBox(size, box, answer, one)}
          <button
            class="picture-label opacity-0 focus-visible:opacity-100"
            style:left="{at.x}px"
            style:top="{at.y}px"
            aria-label="Change the label {one.text}"
            onpointerdown={(event) => event.stopPropagation()}
            onclick={() => labelAt(one, i)}>{one.text}</button
          >
        {/each}
      {/if}
    {:else}
      <span class="quiet grid h-full place-items-center p-1 text-center text-sm">Picture</span>
    {/if}
    {#if typing && size}
      {@const at = inBox(size, box, answer, typing.at)}
      <input
        bind:this={labelInput}
        class="input absolute z-3 h-9 w-40 p-1"
        style:left="{Math.max(0, Math.min(box.width - 160, at.x))}px"
        style:top="{Math.max(0, Math.min(box.height - 36, at.y))}px"
        maxlength="100"
        aria-label="Words of the label"
        value={typing.text}
        oninput={(event) => typing && (typing = { ...typing, text: event.currentTarget.value })}
        onblur={() => endTyping(true)}
        onkeydown={(event) => {
          if (event.key === "Enter") endTyping(true);
          else if (event.key === "Escape") endTyping(false);
        }}
        onpointerdown={(event) => event.stopPropagation()}
      />
    {/if}
  </div>
{/if}
