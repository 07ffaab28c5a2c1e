<script lang="ts">
  // How one piece looks, and what students may do with it.
  import type { Piece } from "./board";
  import { LEAST_SIDE } from "./lines";

  interface Props {
    piece: Piece;
    label: string;
    onchange: (changed: Partial<Piece>) => void;
  }
  let { piece, label, onchange }: Props = $props();

  const LOOKS = [
    ["tile", "A tile"],
    ["bare", "Only what is on it"],
    ["ring", "A ring"],
    ["frame", "A frame"],
    ["cross", "A cross"],
    ["underline", "An underline"],
  ] as const;
  const SIDES = [
    ["width", "Width"],
    ["height", "Height"],
  ] as const;

  function setSide(side: "width" | "height", text: string) {
    const points = Number(text);
    onchange({ [side]: text.trim() && points >= LEAST_SIDE ? points : null });
  }
</script>

<fieldset class="mt-3 border-t border-(--hairline) pt-2">
  <legend class="float-left w-full text-sm font-semibold">{label}</legend>
  <select
    class="input input-sm w-full"
    aria-label="The look of {label}"
    value={piece.look}
    onchange={(event) => onchange({ look: event.currentTarget.value as Piece["look"] })}
  >
    {#each LOOKS as [value, words] (value)}<option {value}>{words}</option>{/each}
  </select>
  <div class="mt-1 flex gap-1.5">
    {#each SIDES as [side, words] (side)}
      <label class="text-sm"
        >{words}
        <input
          class="input input-sm w-20 tabular-nums"
          inputmode="numeric"
          aria-label="{words} of {label}, in points"
          placeholder="as it fits"
          value={piece[side] ?? ""}
          onchange={(event) => setSide(side, event.currentTarget.value)}
        /></label
      >
    {/each}
  </div>
  {#each [["turns", "May be turned"], ["resizes", "May be resized"]] as const as [setting, words] (setting)}
    <label class="mt-1 flex items-center gap-2 text-sm">
      <input
        type="checkbox"
        class="checkbox checkbox-sm"
        checked={piece[setting]}
        onchange={(event) => onchange({ [setting]: event.currentTarget.checked })}
      />
      {words}
    </label>
  {/each}
</fieldset>
