<script lang="ts">
  // A scale on which points, a line's points or intervals are set: pressed or dragged, with a finger that may still scroll, and
  // by arrow keys, where each handle is a slider.
  import { tick } from "svelte";
  import type { Point } from "../../canvas/box";
  import { dragOrScroll, drag, mayHold } from "../../canvas/drag";
  import { Viewport } from "../../canvas/viewport";
  import { announce } from "../../ui/Announcer.svelte";
  import Marks from "./Marks.svelte";
  import {
    added,
    addedSomewhere,
    handlesOf,
    isFull,
    movedTo,
    sameHandle,
    stepped,
    toggled,
    valueOf,
    without,
    type Asked,
    type Handle,
    type Plotted,
  } from "./plotted";
  import { ends, isBeyond, nearest, placeOf, rangeOf, type Value } from "./scale";
  import { handleInWords, valueInWords } from "./words";

  interface Props {
    asked: Asked;
    set: Plotted;
    scale: number;
    label: string;
    readOut: boolean;
    still?: boolean;
    describedby?: string;
    onset: (set: Plotted) => void;
    onfocus?: () => void;
  }
  let {
    asked,
    set: given,
    scale,
    label,
    readOut,
    still = false,
    describedby = "",
    onset,
    onfocus,
  }: Props = $props();

  /** CSS pixels around a handle within which a press takes hold of it. */
  const REACH = 16;
  /** CSS pixels beyond the last step from which on an interval runs on, at least and at most. */
  const BEYOND = [10, 24] as const;

  let board: HTMLElement;
  /** As it is while it is dragged. */
  let dragged = $state.raw<Plotted>();
  let inHand = $state.raw<Handle>();
  /** The first end of an interval whose other is pressed next. */
  let begun = $state.raw<Value>();

  const set = $derived(dragged ?? given);
  const full = $derived(isFull(asked, given));
  const view = $derived(new Viewport(() => board, asked.box, scale));
  const kindOfHandle = ({ i, end }: Handle): string => {
    const letter = set.placed[i]?.letter;
    if (end === "low") return `Interval ${i + 1}, lower end`;
    if (end === "high") return `Interval ${i + 1}, upper end`;
    return letter ? `Point ${letter}` : `Point ${i + 1}`;
  };
  const placeOfHandle = (handle: Handle): Point => {
    const value = valueOf(set, handle);
    return value ? placeOf(asked, value) : ends(asked)[handle.end ?? "high"];
  };

  function near(at: Point): Handle | undefined {
    const all = handlesOf(set).map((handle) => {
      const { x, y } = placeOfHandle(handle);
      return { handle, far: Math.hypot(x - at.x, y - at.y) * scale };
    });
    const [first] = all.sort((a, b) => a.far - b.far);
    return first && first.far <= REACH ? first.handle : undefined;
  }

  /** Where a place is; beyond the last step an interval runs on. */
  const toward = (at: Point, { end }: Handle): Value | undefined =>
    end && isBeyond(asked, at, end, [BEYOND[0] / scale, BEYOND[1] / scale]) ? undefined : nearest(asked, at);

  function give(now: Plotted, handle: Handle | undefined) {
    dragged = undefined;
    inHand = handle;
    onset(now);
    if (handle) {
      announce(`${kindOfHandle(handle)}: ${handleInWords(now, handle)}`);
      void tick().then(() => focusOn(handle));
    }
  }

  const focusOn = ({ i, end }: Handle) =>
    board.querySelector<HTMLElement>(`[data-handle="${i}${end ?? ""}"]`)?.focus({ preventScroll: true });

  function onpointerdown(press: PointerEvent) {
    if (still || press.button !== 0 || (press.target as Element).closest("button")) return;
    onfocus?.();
    const at = view.toPage({ x: press.clientX, y: press.clientY });
    const held = near(at);
    if (held) {
      press.preventDefault();
      begun = undefined;
      follow(press, set, held, toggled(set, held));
    } else if (asked.asked === "intervals") drawInterval(press, at);
    else {
      const value = nearest(asked, at);
      const one = added(asked, given, value);
      // Where there are enough, the last one is set anew.
      const [now, handle] = one ?? movedTo(asked, given, lastOf(given), value);
      if (press.pointerType === "touch") dragOrScroll(press, view, following(now, handle));
      else follow(press, now, handle);
    }
  }

  const lastOf = ({ placed }: Plotted): Handle =>
    inHand && !inHand.end && inHand.i < placed.length ? inHand : { i: placed.length - 1 };

  /** A gesture that has a handle follow; `tapped` is what comes of a press that does not move. */
  function following(from: Plotted, handle: Handle, tapped = from) {
    let [now, held] = [from, handle];
    return {
      move: (at: Point) => {
        [now, held] = movedTo(asked, now, held, toward(at, held));
        dragged = now;
        inHand = held;
      },
      end: (moved: boolean) => give(moved ? now : tapped, held),
      cancel: () => (dragged = undefined),
    };
  }

  function follow(press: PointerEvent, from: Plotted, handle: Handle, tapped = from) {
    dragged = from;
    inHand = handle;
    drag(press, view, following(from, handle, tapped), board);
  }

  function drawInterval(press: PointerEvent, at: Point) {
    if (full) return;
    const from = nearest(asked, at);
    const start = added(asked, given, from);
    if (!start) return;
    const gesture = following(...start);
    const tapped = () => {
      dragged = undefined;
      const first = begun;
      begun = undefined;
      const whole = first && added(asked, given, first, from);
      if (whole) return give(...whole);
      begun = from;
      announce(`One end at ${valueInWords(from)}. Press where the other is.`);
    };
    dragOrScroll(press, view, {
      ...gesture,
      end: (moved) => {
        if (!moved) return tapped();
        begun = undefined;
        gesture.end(true);
      },
    });
  }

  function addByKey() {
    const one = addedSomewhere(asked, given);
    if (one) give(...one);
  }

  const STEPS: Record<string, [across: number, up: number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, 1],
    ArrowDown: [0, -1],
    PageUp: [10, 0],
    PageDown: [-10, 0],
  };

  function onkeydown(event: KeyboardEvent, handle: Handle) {
    if (still || event.ctrlKey || event.metaKey || event.altKey) return;
    const [across, up] = STEPS[event.key] ?? [0, 0];
    const by = (event.shiftKey ? 10 : 1) * (asked.up ? 1 : across + up);
    let now: [Plotted, Handle] | undefined;
    if (STEPS[event.key])
      now = stepped(
        asked,
        given,
        handle,
        asked.up ? { across: across * by, up: up * by } : { across: by, up: 0 },
      );
    else if (event.key === "Home" || event.key === "End") {
      const { low, high } = rangeOf(asked);
      const at = valueOf(given, handle);
      now = movedTo(asked, given, handle, { across: event.key === "Home" ? low : high, up: at?.up ?? null });
    } else if ((event.key === " " || event.key === "Enter") && handle.end)
      now = [toggled(given, handle), handle];
    else if (event.key === "Delete" || event.key === "Backspace") {
      event.preventDefault();
      inHand = undefined;
      announce(`${kindOfHandle(handle)} taken away.`);
      onset(without(given, handle));
      return void tick().then(() =>
        board.querySelector<HTMLElement>("[data-handle], button")?.focus({ preventScroll: true }),
      );
    }
    if (!now) return;
    event.preventDefault();
    event.stopPropagation();
    const [set, held] = now;
    onset(set);
    if (!sameHandle(held, handle)) void tick().then(() => focusOn(held));
  }
</script>

<div
  bind:this={board}
  class="plot-board {still ? '' : 'cursor-crosshair'}"
  role="group"
  aria-label={label}
  aria-describedby={describedby || undefined}
  {onpointerdown}
  {@attach mayHold}
>
  <Marks {asked} {set} {scale} begun={begun && placeOf(asked, begun)} />
  {#each handlesOf(set) as handle (`${handle.i}${handle.end}`)}
    {@const at = placeOfHandle(handle)}
    {@const value = valueOf(set, handle)}
    {@const words = handleInWords(set, handle)}
    <span
      class="plot-handle"
      style:left="{(at.x / asked.box.width) * 100}%"
      style:top="{(at.y / asked.box.height) * 100}%"
      data-handle="{handle.i}{handle.end ?? ''}"
      data-read={readOut && value && sameHandle(handle, inHand) ? valueInWords(value) : undefined}
      role="slider"
      tabindex={still ? -1 : 0}
      aria-label={kindOfHandle(handle)}
      aria-valuemin={rangeOf(asked).low}
      aria-valuemax={rangeOf(asked).high}
      aria-valuenow={value?.across ?? rangeOf(asked)[handle.end ?? "high"]}
      aria-valuetext={words}
      aria-disabled={still}
      onfocus={() => {
        inHand = handle;
        onfocus?.();
      }}
      onblur={() => (inHand = undefined)}
      onkeydown={(event) => onkeydown(event, handle)}
    ></span>
  {/each}
  {#if !still && !full}
    <button type="button" class="plot-add" onclick={addByKey} onfocus={() => onfocus?.()}
      ><span class="sr-only">{asked.asked === "intervals" ? "Set an interval" : "Set a point"}</span><span
        aria-hidden="true">+</span
      ></button
    >
  {/if}
</div>
