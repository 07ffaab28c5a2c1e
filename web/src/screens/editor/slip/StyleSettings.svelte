<script lang="ts">
  // How fields look: those in hand, or all that have no look of their own.
  import { USUAL, type Style } from "../../../kinds/look";
  import RadioGroup from "../../../ui/RadioGroup.svelte";
  import ColourPick from "../fixtures/ColourPick.svelte";
  import { READY } from "./styles";

  interface Props {
    style: Style;
    onstyle: (style: Style) => void;
  }
  let { style, onstyle }: Props = $props();

  const BORDERS = [
    ["thin", "Thin"],
    ["bold", "Bold"],
    ["below", "Line"],
    ["none", "None"],
  ] as const;
  const FILLS = [
    ["film", "Film"],
    ["#ffe9b0", "Sand"],
    ["#d7ecf7", "Sky"],
    ["#dff0d3", "Meadow"],
    ["#f7dce2", "Shell"],
    ["#ffffff", "White"],
    ["none", "None"],
  ] as const;
  const ALIGNS = [
    ["start", "Start"],
    ["centre", "Centre"],
    ["end", "End"],
  ] as const;

  const set = (changed: Partial<Style>) => onstyle({ ...style, ...changed });
</script>

<div class="space-y-3">
  <div class="flex flex-wrap gap-1.5" role="group" aria-label="Ready looks">
    {#each READY as [name, ready] (name)}
      <button class="btn btn-outline btn-xs" onclick={() => onstyle(ready)}>{name}</button>
    {/each}
    <button class="btn btn-ghost btn-xs" onclick={() => onstyle(USUAL)}>As at first</button>
  </div>
  <RadioGroup label="Border" options={BORDERS} value={style.border} onchange={(border) => set({ border })} />
  <RadioGroup
    label="Fill"
    options={FILLS}
    value={style.fill as (typeof FILLS)[number][0]}
    onchange={(fill) => set({ fill })}
    class="flex flex-wrap items-center gap-1.5"
  >
    {#snippet option(value, name)}
      {#if value === "none"}
        <span class="btn btn-xs">{name}</span>
      {:else}
        <span
          class="swatch"
          style:background={value === "film" ? "color-mix(in srgb, var(--film) 25%, white)" : value}
        ></span>
      {/if}
    {/snippet}
  </RadioGroup>
  <label class="flex items-center gap-2 text-sm">
    <input
      type="checkbox"
      class="checkbox checkbox-sm"
      checked={style.see_through}
      onchange={() => set({ see_through: !style.see_through })}
    />What is printed shows through
  </label>
  <label class="block">
    <span class="field-label">Size of the letters</span>
    <select
      class="input w-full"
      value={style.size ?? ""}
      onchange={(event) => set({ size: Number(event.currentTarget.value) || null })}
    >
      <option value="">As large as fits</option>
      {#each [8, 9, 10, 11, 12, 14, 16, 18, 20, 24, 28, 36] as points (points)}
        <option value={points}>{points} points</option>
      {/each}
    </select>
  </label>
  <ColourPick
    label="Colour of the letters"
    colour={style.colour ?? null}
    none="Film"
    oncolour={(colour) => set({ colour })}
  />
  <RadioGroup
    label="Text stands at the"
    options={ALIGNS}
    value={style.align}
    onchange={(align) => set({ align })}
  />
</div>
