<script lang="ts">
  // Dots and the lines between them, to be drawn or only shown.
  import { announce } from "../../ui/Announcer.svelte";
  import { drag } from "../../canvas/drag";
  import { Viewport } from "../../canvas/viewport";
  import { dotName, lineName, LOOKS, mayJoin, path, type Dot, type Line } from "./lines";

  interface Props {
    dots: readonly Dot[];
    lines: readonly Line[];
    curved: boolean;
    coloured: boolean;
    /** The field's box in CSS pixels. */
    size: { width: number; height: number };
    still: boolean;
    label?: string;
    onjoin?: (line: Line) => void;
    onfocus?: () => void;
  }
  let { dots, lines, curved, coloured, size, still, label, onjoin, onfocus }: Props = $props();

  /** CSS pixels from a dot at which a line that is dragged there still ends. */
  const NEAR = 26;

  let area: HTMLElement;
  /** The dot that a line begins at, and where it is dragged to, in shares of the box. */
  let from = $state.raw<Dot>();
  let to = $state.raw<{ x: number; y: number }>();
  let wasDragged = false;

  const at = ({ x, y }: { x: number; y: number }) => ({ x: x * size.width, y: y * size.height });
  const byId = $derived(new Map(dots.map((dot) => [dot.id, dot])));
  const look = (line: Line) => {
    const start = dots.findIndex(({ id }) => id === line.a);
    return coloured ? (LOOKS[start % LOOKS.length] ?? LOOKS[0]) : (["var(--film-ink)", ""] as const);
  };
  const joinedTo = (dot: Dot) =>
    lines
      .filter(({ a, b }) => a === dot.id || b === dot.id)
      .flatMap(({ a, b }) => byId.get(a === dot.id ? b : a) ?? [])
      .map((other) => dotName(dots, other));

  function press(dot: Dot) {
    if (wasDragged) {
      wasDragged = false;
      return;
    }
    onfocus?.();
    if (!from) {
      from = dot;
      announce(`A line from ${dotName(dots, dot)}. Choose where it goes.`);
    } else if (from.id === dot.id) from = undefined;
    else join(from, dot);
  }

  function join(one: Dot, other: Dot) {
    from = undefined;
    if (!mayJoin(one, other)) {
      announce("There is no line between these two.");
      return;
    }
    const line = { a: one.id, b: other.id };
    const there = lines.some((each) => lineName(dots, each) === lineName(dots, line));
    announce(
      there
        ? `The line from ${dotName(dots, one)} to ${dotName(dots, other)} is taken away.`
        : `${dotName(dots, one)} is joined to ${dotName(dots, other)}.`,
    );
    onjoin?.(line);
  }

  function follow(event: PointerEvent, dot: Dot) {
    if (event.button !== 0 || still) return;
    wasDragged = false;
    const view = new Viewport(() => area, { width: 1, height: 1 }, 1);
    let end = at(dot);
    drag(event, view, {
      move: (point) => {
        from = dot;
        end = point;
        to = { x: point.x / size.width, y: point.y / size.height };
      },
      end: (dragged) => {
        wasDragged = dragged;
        to = undefined;
        if (!dragged) return;
        const found = nearest(end, dot);
        if (found) join(dot, found);
        else from = undefined;
      },
      cancel: () => {
        from = undefined;
        to = undefined;
      },
    });
  }

  function nearest(point: { x: number; y: number }, start: Dot): Dot | undefined {
    const away = (dot: Dot) => Math.hypot(at(dot).x - point.x, at(dot).y - point.y);
    return dots.filter((dot) => dot !== start && away(dot) <= NEAR).sort((a, b) => away(a) - away(b))[0];
  }

  const WAYS: Record<string, 1 | -1> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

  function onkeydown(event: KeyboardEvent, dot: Dot) {
    if (event.key === "Escape" && from) {
      event.preventDefault();
      from = undefined;
      return;
    }
    const way = WAYS[event.key];
    if (!way) return;
    event.preventDefault();
    // With a line in hand, among the dots where it may go.
    const start = from;
    const among = start ? dots.filter((other) => mayJoin(start, other)) : dots;
    const next = among[(among.indexOf(dot) + way + among.length) % among.length] ?? among[0];
    area.querySelector<HTMLElement>(`[data-dot="${next?.id ?? ""}"]`)?.focus();
  }
</script>

<div class="relative h-full w-full" bind:this={area} role="group" aria-label={label}>
  <svg class="pointer-events-none absolute inset-0 h-full w-full overflow-visible" aria-hidden="true">
    {#each lines as line (lineName(dots, line))}
      {@const [one, other] = [byId.get(line.a), byId.get(line.b)]}
      {@const [colour, dashes] = look(line)}
      {#if one && other}
        <path
          class="drawn-line"
          d={path(at(one), at(other), curved)}
          style:stroke={colour}
          stroke-dasharray={dashes || undefined}
        />
      {/if}
    {/each}
    {#if from && to}<path class="drawn-line" d={path(at(from), at(to), false)} />{/if}
  </svg>
  {#each dots as dot (dot.id)}
    {@const joined = joinedTo(dot)}
    <button
      type="button"
      class="dot"
      class:held={from?.id === dot.id}
      style:left="{dot.x * 100}%"
      style:top="{dot.y * 100}%"
      data-dot={dot.id}
      aria-label="{dotName(dots, dot)}{joined.length > 0 ? `, joined to ${joined.join(', ')}` : ''}"
      aria-pressed={from?.id === dot.id}
      disabled={still}
      onpointerdown={(event) => follow(event, dot)}
      onclick={() => press(dot)}
      onkeydown={(event) => onkeydown(event, dot)}
    ></button>
  {/each}
</div>
