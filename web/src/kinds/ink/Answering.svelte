<script lang="ts">
  // An area that is written in by hand. Only what has just been drawn is on a canvas of its own, until it is saved.
  import { onMount, tick } from "svelte";
  import type { Point } from "../../canvas/box";
  import { announce } from "../../ui/Announcer.svelte";
  import { sheetStore } from "../sheet_store";
  import type { AnsweringProps } from "../student";
  import { drawLine, pixelsOn, sized } from "./draw";
  import InkCanvas from "./InkCanvas.svelte";
  import { inkInWords } from "./in_words";
  import {
    isTouched,
    NOTHING,
    pathOf,
    pointsOf,
    strokesOf,
    withoutPart,
    type Drawn,
    type Stroke,
  } from "./strokes";
  import { ERASER, toolsOf } from "./tools.svelte";

  let { prompt, scale, label, docked = false, readonly = false, onfocus }: AnsweringProps<"ink"> = $props();

  const store = sheetStore();
  const tools = toolsOf(store);
  const area = $derived(tools.area(store, prompt));
  /** Whether presses write here: over a whole page only once it was taken, so that all else can be pressed too. */
  const open = $derived(!readonly && (!prompt.whole_page || tools.taken === prompt.id));
  const words = $derived(inkInWords(area.strokes) || /* @wc-include */ "blank");
  const named = $derived(
    readonly ? `${label}: ${words}` : /* @wc-include */ `${label}: ${words}. Press Enter to type a note.`,
  );

  let place = $state<HTMLElement>();
  let growing = $state<HTMLCanvasElement>();
  /** What the pointer that writes has drawn. */
  let drawn: Drawn[] = [];
  let pointer: number | undefined;
  /** Whether the pointer that rubs out has rubbed out something: all that it does is one step to undo. */
  let rubbed = false;
  /** Fingers on the area: two of them move the page. */
  const fingers = new Map<number, Point>();
  let typing = $state.raw<{ at: Point; name?: string; text: string; before: Stroke }>();
  let noteInput = $state<HTMLTextAreaElement>();

  function at(event: PointerEvent): Drawn {
    const { left, top } = (place as HTMLElement).getBoundingClientRect();
    const point = {
      x: prompt.box.x + (event.clientX - left) / scale,
      y: prompt.box.y + (event.clientY - top) / scale,
    };
    return event.pointerType === "pen" ? { ...point, pressure: event.pressure } : point;
  }

  function onpointerdown(event: PointerEvent) {
    if (!open || event.button !== 0 || typing) return;
    onfocus();
    if (event.pointerType === "pen") tools.penSeen = true;
    if (event.pointerType === "touch") {
      fingers.set(event.pointerId, { x: event.clientX, y: event.clientY });
      // A second finger, or a hand beside the pen, does not write.
      if (fingers.size > 1) return cancel();
      if (tools.penSeen) return;
    }
    event.preventDefault();
    place?.setPointerCapture(event.pointerId);
    pointer = event.pointerId;
    rubbed = false;
    drawn = [at(event)];
    if (tools.rubs) rubOut(drawn[0] as Drawn);
    else show();
  }

  function onpointermove(event: PointerEvent) {
    const before = fingers.get(event.pointerId);
    if (before) {
      fingers.set(event.pointerId, { x: event.clientX, y: event.clientY });
      if (fingers.size > 1 || tools.penSeen) return scrollBy(before, event);
    }
    if (event.pointerId !== pointer) return;
    const all = event.getCoalescedEvents?.() ?? [];
    const points = (all.length > 0 ? all : [event]).map(at);
    if (tools.rubs) return points.forEach(rubOut);
    if (tools.tool === "line") drawn.splice(1, drawn.length, ...points.slice(-1));
    else drawn.push(...points);
    show();
  }

  /** Two fingers move the page, each by half of its way. */
  function scrollBy(before: Point, event: PointerEvent) {
    const share = 1 / fingers.size;
    place
      ?.closest(".overflow-auto")
      ?.scrollBy((before.x - event.clientX) * share, (before.y - event.clientY) * share);
  }

  function onpointerup(event: PointerEvent) {
    fingers.delete(event.pointerId);
    if (event.pointerId !== pointer) return;
    const points = drawn;
    cancel();
    if (tools.rubs) return;
    const [first] = points;
    if (tools.tool === "note") {
      if (first) void type(first);
    } else area.add(strokesOf(points, tools.look));
  }

  function cancel() {
    pointer = undefined;
    drawn = [];
    show();
  }

  let shownFrom = 0;
  let shownAt = 0;
  /** Show what is being drawn, before the next frame. */
  function show() {
    const context = growing?.getContext("2d");
    if (!growing || !context) return;
    const pixels = pixelsOn(prompt.box, scale);
    const corner = { x: prompt.box.x, y: prompt.box.y };
    // A pen's line only grows: what is there already stays. Clear lines, and straight ones, are drawn anew.
    const grows = tools.tool === "pen" && shownFrom > 0 && drawn.length > shownFrom && shownAt === pixels;
    if (!grows) {
      sized(growing, prompt.box, pixels);
      [shownFrom, shownAt] = [0, pixels];
    }
    if (tools.tool === "note" || tools.rubs) return;
    drawLine(context, drawn.slice(Math.max(0, shownFrom - 2)), tools.look, { corner, scale: pixels });
    shownFrom = drawn.length;
  }

  function rubOut(point: Point) {
    const touched = area.strokes.filter(({ stroke }) => isTouched(stroke, point, ERASER));
    if (touched.length === 0) return;
    const left =
      tools.tool === "part" ? touched.flatMap(({ stroke }) => withoutPart(stroke, point, ERASER) ?? []) : [];
    area.replace(touched, left, rubbed);
    rubbed = true;
  }

  /** Type a note at a place, or go on with the one that is there. */
  async function type(point: Point) {
    const there = area.strokes.find(({ stroke }) => stroke.tool === "note" && isTouched(stroke, point, 0));
    const [start] = there ? pointsOf(there.stroke) : [point];
    if (!start) return;
    typing = there
      ? { at: start, name: there.id, text: there.stroke.text, before: there.stroke }
      : { at: start, text: "", before: NOTHING };
    await tick();
    noteInput?.focus();
  }

  function endTyping(keep: boolean) {
    const note = typing;
    typing = undefined;
    if (!note || !keep) return;
    const text = note.text.trim();
    if (note.name) {
      if (text !== note.before.text)
        area.change(note.name, note.before, text ? { ...note.before, text } : NOTHING);
    } else if (text) area.add([{ ...NOTHING, ...tools.look, tool: "note", path: pathOf([note.at]), text }]);
    place?.focus();
  }

  /** With the keyboard: notes are typed, one below the other. */
  function onkeydown(event: KeyboardEvent) {
    if (event.target !== place || readonly) return;
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z") {
      event.preventDefault();
      if (event.shiftKey) area.redo();
      else area.undo();
    } else if (event.key === "Enter") {
      event.preventDefault();
      tools.tool = "note";
      const notes = area.strokes.filter(({ stroke }) => stroke.tool === "note");
      const below = notes.map(
        ({ stroke: note }) => (pointsOf(note)[0]?.y ?? 0) + 1.4 * note.width * note.text.split("\n").length,
      );
      const y = Math.min(prompt.box.y + prompt.box.height - 14, Math.max(prompt.box.y + 6, ...below));
      void type({ x: prompt.box.x + 6, y });
      announce("Type the note. Enter ends it.");
    }
  }

  onMount(() => show());
</script>

{#if docked}
  <p>Write on the page above.</p>
{:else}
  <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
  <div
    bind:this={place}
    class="ink-area {prompt.whole_page ? '' : 'rimmed'} {open
      ? 'cursor-crosshair touch-none'
      : ''} {prompt.whole_page && !open ? 'pointer-events-none!' : ''}"
    role="group"
    tabindex={readonly ? -1 : 0}
    aria-label={named}
    {onpointerdown}
    {onpointermove}
    {onpointerup}
    onpointercancel={(event) => {
      fingers.delete(event.pointerId);
      if (event.pointerId === pointer) cancel();
    }}
    {onkeydown}
    onfocus={() => onfocus()}
  >
    <InkCanvas box={prompt.box} strokes={area.strokes} {scale} />
    <canvas bind:this={growing} class="pointer-events-none absolute inset-0 h-full w-full" aria-hidden="true"
    ></canvas>
    {#if typing}
      <textarea
        bind:this={noteInput}
        class="textarea absolute z-3 h-auto min-w-40 p-1"
        style:left="{(typing.at.x - prompt.box.x) * scale}px"
        style:top="{(typing.at.y - prompt.box.y) * scale}px"
        style:font-size="{Math.max(16, tools.look.width * scale)}px"
        rows="1"
        maxlength="1000"
        aria-label="Note"
        value={typing.text}
        oninput={(event) => typing && (typing = { ...typing, text: event.currentTarget.value })}
        onblur={() => endTyping(true)}
        onkeydown={(event) => {
          if (event.key === "Escape") endTyping(false);
          else if (event.key === "Enter" && !event.shiftKey) {
            event.preventDefault();
            endTyping(true);
          }
        }}
        onpointerdown={(event) => event.stopPropagation()}></textarea>
    {/if}
  </div>
{/if}
