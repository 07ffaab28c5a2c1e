<script lang="ts">
  // The lines as a list: for each dot where they begin, the dots where they go.
  import { dotName, lineName, mayJoin, type Dot, type Line } from "./lines";

  interface Props {
    dots: readonly Dot[];
    lines: readonly Line[];
    oneEach: boolean;
    still: boolean;
    onjoin: (line: Line) => void;
  }
  let { dots, lines, oneEach, still, onjoin }: Props = $props();

  const starts = $derived(
    dots.some(({ side }) => side === "start") ? dots.filter(({ side }) => side === "start") : dots,
  );
  const names = $derived(lines.map((line) => lineName(dots, line)));
  const isThere = (a: Dot, b: Dot) => names.includes(lineName(dots, { a: a.id, b: b.id }));
  const goals = (dot: Dot) => dots.filter((other) => mayJoin(dot, other));

  function choose(dot: Dot, id: string) {
    const now = goals(dot).find((other) => isThere(dot, other));
    if (now && now.id !== id) onjoin({ a: dot.id, b: now.id });
    if (id) onjoin({ a: dot.id, b: id });
  }
</script>

<ul class="space-y-2">
  {#each starts as dot (dot.id)}
    <li class="flex flex-wrap items-center gap-2">
      <span class="min-w-16 font-semibold" dir="auto">{dotName(dots, dot)}</span>
      {#if oneEach}
        <select
          class="input h-11 flex-1"
          aria-label="{dotName(dots, dot)} is joined to"
          disabled={still}
          value={goals(dot).find((other) => isThere(dot, other))?.id ?? ""}
          onchange={(event) => choose(dot, event.currentTarget.value)}
        >
          <option value=""></option>
          {#each goals(dot) as other (other.id)}<option value={other.id}>{dotName(dots, other)}</option
            >{/each}
        </select>
      {:else}
        {#each goals(dot) as other (other.id)}
          <label class="flex min-h-11 items-center gap-1.5">
            <input
              type="checkbox"
              class="checkbox checkbox-sm"
              disabled={still}
              checked={isThere(dot, other)}
              aria-label="{dotName(dots, dot)} is joined to {dotName(dots, other)}"
              onchange={() => onjoin({ a: dot.id, b: other.id })}
            />{dotName(dots, other)}
          </label>
        {/each}
      {/if}
    </li>
  {/each}
</ul>
