<script lang="ts">
  // The options of a choice, to be picked from or only shown.
  import { picturePlace } from "../../ui/picture_place";
  import { letter, pressed } from "../picked";
  import type { SignName } from "../signs";
  import Letter from "./Letter.svelte";
  import type { Option } from "./option";

  interface Props {
    /** Tells the options of this choice from those of others. */
    group: string;
    options: readonly Option[];
    several: boolean;
    sign: SignName;
    arrangement: "row" | "column" | "list";
    picked: readonly string[];
    /** Pixels that letters are high. */
    size: number;
    label: string;
    docked?: boolean;
    readonly?: boolean;
    describedby?: string;
    onpick?: (picked: string[]) => void;
    onfocus?: () => void;
  }
  let {
    group,
    options,
    several,
    sign,
    arrangement,
    picked,
    size,
    label,
    docked = false,
    readonly = false,
    describedby = "",
    onpick,
    onfocus,
  }: Props = $props();

  const still = $derived(readonly || !onpick);
  const pictures = picturePlace();
  const asList = $derived(
    arrangement === "list" && !several && !docked && !options.some(({ picture }) => picture),
  );
  const name = (place: number) => options[place]?.text || letter(place);

  function press(id: string) {
    if (!still) onpick?.(pressed(picked, id, several));
  }

  function onKey(event: KeyboardEvent) {
    if (event.key !== "Backspace" && event.key !== "Delete") return;
    event.preventDefault();
    event.stopPropagation();
    if (!still) onpick?.([]);
  }
</script>

{#if asList}
  <select
    class="h-full w-full bg-transparent px-1 font-semibold"
    style:font-size="{size}px"
    aria-label={label}
    aria-describedby={describedby || undefined}
    disabled={still}
    value={picked[0] ?? ""}
    {onfocus}
    onchange={(event) => onpick?.(event.currentTarget.value === "" ? [] : [event.currentTarget.value])}
  >
    <option value=""></option>
    {#each options as { id }, place (id)}<option value={id}>{name(place)}</option>{/each}
  </select>
{:else}
  <div
    class="flex h-full w-full gap-[2%] ps-(--tab-room) {arrangement === 'row' && !docked
      ? 'flex-row items-stretch'
      : 'flex-col'} {docked ? 'gap-2' : ''}"
    role={several ? "group" : "radiogroup"}
    aria-label={label}
    aria-describedby={describedby || undefined}
    aria-readonly={still && !several ? true : undefined}
  >
    {#each options as { id, text, picture }, place (id)}
      {@const chosen = picked.includes(id)}
      <label
        class="relative flex min-w-0 flex-1 items-center rounded focus-within:outline-2 focus-within:outline-accent {still
          ? ''
          : 'cursor-pointer'} {text ? 'justify-start gap-[0.35em] px-[0.3em]' : 'justify-center'} {docked
          ? 'min-h-11 border border-(--line) px-3'
          : ''}"
        style:font-size="{size}px"
      >
        <input
          type={several ? "checkbox" : "radio"}
          name="{group}-{docked}"
          class="absolute inset-0 z-1 h-full w-full cursor-pointer opacity-0 disabled:cursor-default"
          checked={chosen}
          disabled={still}
          aria-label={name(place)}
          {onfocus}
          onclick={() => press(id)}
          onkeydown={onKey}
        />
        <Letter letter={letter(place)} picked={chosen} {sign} />
        {#if picture}
          <img
            class="min-w-0 flex-1 object-contain {docked ? 'h-20' : 'h-full'}"
            src="{pictures}{picture}/"
            alt=""
            draggable="false"
          />
        {:else if text}
          <span class="min-w-0 truncate font-semibold">{text}</span>
        {/if}
      </label>
    {/each}
  </div>
{/if}
