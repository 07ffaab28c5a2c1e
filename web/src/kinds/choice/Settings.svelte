<script lang="ts">
  import ImagePlus from "@lucide/svelte/icons/image-plus";
  import LIMITS from "../../generated/limits.json";
  import RadioGroup from "../../ui/RadioGroup.svelte";
  import CountInput from "../../ui/CountInput.svelte";
  import PickSettings from "../PickSettings.svelte";
  import { letter } from "../picked";
  import type { SettingsProps } from "../teacher";
  import { bare, type Option } from "./option";

  let { field, onchange, choosePicture }: SettingsProps<"choice"> = $props();

  const COUNTS = [2, 3, 4, 5, 6].map((count) => [count, String(count)] as const);
  const LEAST = 2;
  const MOST = 26;
  const PAIRS = [
    ["true", "false"],
    ["yes", "no"],
  ];
  const ARRANGEMENTS = [
    ["row", "In a row"],
    ["column", "In a column"],
    ["list", "In a list"],
  ] as const;

  let pair = $state("");

  type Choice = typeof field;
  const set = (changed: Partial<Choice>) => onchange((field) => ({ ...field, ...changed }));
  const words = (texts: string[]) => set({ options: texts.map((text) => ({ ...bare(), text })) });

  function setCount(count: number) {
    if (!(count >= LEAST && count <= MOST)) return;
    onchange((field) => ({
      ...field,
      options: Array.from({ length: count }, (_, place) => field.options[place] ?? bare()),
    }));
  }

  /** Change an option, wherever it stands by now. */
  function setOption(id: string, changed: Partial<Option>, typing = false) {
    const change = (option: Option) => (option.id === id ? { ...option, ...changed } : option);
    onchange((field) => ({ ...field, options: field.options.map(change) }), typing);
  }

  /** Two words of one's own, with a stroke or a comma between. */
  function setPair(event: SubmitEvent) {
    event.preventDefault();
    const texts = pair.split(/[/,]/).map((text) => text.trim());
    if (texts.length !== 2 || texts.some((text) => !text)) return;
    words(texts);
    pair = "";
  }
</script>

<RadioGroup label="Options" options={COUNTS} value={field.options.length} onchange={setCount} class="join">
  {#snippet after()}
    <CountInput
      class="input join-item input-sm w-14 tabular-nums"
      label="Number of options"
      min={LEAST}
      max={MOST}
      value={field.options.length}
      onvalue={setCount}
    />
  {/snippet}
</RadioGroup>
<div class="flex flex-wrap gap-2">
  {#each PAIRS as texts (texts[0])}
    <button class="btn btn-outline btn-sm" onclick={() => words(texts)}>{texts.join(" / ")}</button>
  {/each}
  <form class="flex w-full gap-1" onsubmit={setPair}>
    <input
      class="input input-sm min-w-0 flex-1"
      aria-label="Two words of your own"
      placeholder="Rises / falls"
      maxlength={2 * LIMITS.option + 1}
      bind:value={pair}
    />
    <button class="btn btn-outline btn-sm">Use</button>
  </form>
</div>
<div>
  <label class="field-label" for="arrangement">They stand</label>
  <select
    id="arrangement"
    class="input w-full"
    value={field.arrangement}
    onchange={(event) => set({ arrangement: event.currentTarget.value as Choice["arrangement"] })}
  >
    {#each ARRANGEMENTS as [value, label] (value)}<option {value}>{label}</option>{/each}
  </select>
</div>
<PickSettings {field} onchange={set} />
<details open={field.options.some(({ text }) => text)}>
  <summary class="cursor-pointer text-sm font-semibold">Words or pictures of the options</summary>
  <p class="quiet text-sm">Only where the page does not print them.</p>
  {#each field.options as option, place (option.id)}
    <div class="mt-2 flex items-center gap-2">
      <b class="w-5 text-center" aria-hidden="true">{letter(place)}</b>
      {#if option.picture}
        <img class="size-8 object-contain" src="/pictures/{option.picture}/" alt="" />
      {/if}
      <input
        class="input input-sm min-w-0 flex-1"
        maxlength={LIMITS.option}
        aria-label="{letter(place)}{option.picture ? ', what its picture shows' : ''}"
        value={option.text}
        oninput={(event) => {
          const text = event.currentTarget.value.trim();
          // A picture is told of in words: without any it goes.
          setOption(option.id, text ? { text } : { text, picture: null }, true);
        }}
      />
      {#if option.picture}
        <button
          class="btn btn-ghost btn-sm px-2"
          aria-label="Take the picture of {letter(place)} away"
          onclick={() => setOption(option.id, { text: "", picture: null })}>×</button
        >
      {:else}
        <button
          class="btn btn-outline btn-sm px-2"
          aria-label="A picture for {letter(place)}"
          onclick={() =>
            choosePicture(({ picture, alternative }) =>
              setOption(option.id, { text: alternative.slice(0, LIMITS.option), picture }),
            )}><ImagePlus size={16} aria-hidden="true" /></button
        >
      {/if}
    </div>
  {/each}
</details>
