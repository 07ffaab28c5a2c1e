<script lang="ts">
  // Dots and lines, only shown: the same on the film, on a key that lies under it, and in review.
  import { LOOKS, path, type Dot, type Line } from "./lines";

  interface Props {
    field: {
      dots: readonly Dot[];
      curved: boolean;
      coloured: boolean;
      box: { width: number; height: number };
    };
    lines: readonly Line[];
    scale: number;
  }
  let { field, lines, scale }: Props = $props();

  const byId = $derived(new Map(field.dots.map((dot) => [dot.id, dot])));
  const at = ({ x, y }: Dot) => ({ x: x * field.box.width * scale, y: y * field.box.height * scale });
</script>

<svg class="pointer-events-none absolute inset-0 h-full w-full overflow-visible" aria-hidden="true">
  {#each lines as line, i (i)}
    {@const [one, other] = [byId.get(line.a), byId.get(line.b)]}
    {@const look = LOOKS[field.dots.findIndex(({ id }) => id === line.a) % LOOKS.length]}
    {#if one && other}
      <path
        class="drawn-line"
        d={path(at(one), at(other), field.curved)}
        style:stroke={field.coloured ? look?.[0] : undefined}
        stroke-dasharray={(field.coloured && look?.[1]) || undefined}
      />
    {/if}
  {/each}
</svg>
{#each field.dots as dot (dot.id)}
  <span class="dot" style:left="{dot.x * 100}%" style:top="{dot.y * 100}%"></span>
{/each}
