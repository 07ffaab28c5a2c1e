<script lang="ts">
  // What the worksheet, a page or a question asks for, in one language or in several: written, spoken, or both.
  import { LANGUAGES } from "../../../words/languages";
  import { nameOfLanguage } from "../../../words/language_name";
  import Dialog from "../../../ui/Dialog.svelte";
  import RadioGroup from "../../../ui/RadioGroup.svelte";
  import RichTextInput from "../../../rich_text/writing/RichTextInput.svelte";
  import SoundInput from "../../../sound/SoundInput.svelte";
  import {
    instruct,
    instructionsOf,
    type Instructed,
    type Instruction,
  } from "../../../worksheet/commands/explaining";
  import type { Editing } from "../state/editing.svelte";

  interface Props {
    editing: Editing;
    about: Instructed;
    title: string;
    onclose: () => void;
  }
  let { editing, about, title, onclose }: Props = $props();

  const usual = LANGUAGES.find(([tag]) => navigator.language.startsWith(tag))?.[0] ?? "en-GB";
  const instructions = $derived(instructionsOf(editing.document, about));
  /** Until something is said, it would be said in the language of the device. */
  const languages = $derived(
    instructions.length > 0 ? instructions.map(({ language }) => language) : [usual],
  );
  let chosen = $state<string>();
  const language = $derived(chosen && languages.includes(chosen) ? chosen : (languages[0] ?? usual));
  const said = $derived(instructions.find((each) => each.language === language));
  const others = $derived(LANGUAGES.filter(([tag]) => !languages.includes(tag)));

  const nothing = (language: string): Instruction => ({ language, paragraphs: [], sound: null });

  function set(changed: Partial<Instruction>, typing = false) {
    const into = language;
    const change = (all: readonly Instruction[]) =>
      all.some((each) => each.language === into)
        ? all.map((each) => (each.language === into ? { ...each, ...changed } : each))
        : [...all, { ...nothing(into), ...changed }];
    editing.do(instruct(editing.document, about, change, typing));
  }

  function add(tag: string) {
    if (!tag) return;
    const begun = instructions.length > 0 ? [] : [nothing(language)];
    editing.do(instruct(editing.document, about, (all) => [...all, ...begun, nothing(tag)]));
    chosen = tag;
  }

  function remove() {
    const gone = language;
    editing.do(instruct(editing.document, about, (all) => all.filter((each) => each.language !== gone)));
    chosen = undefined;
  }
</script>

<Dialog {title} class="w-[min(38rem,96vw)]" {onclose}>
  <div class="mt-2 space-y-4">
    <div class="flex flex-wrap items-end gap-3">
      {#if languages.length > 1}
        <RadioGroup
          label="Language"
          class="join flex-wrap whitespace-nowrap"
          options={languages.map((tag) => [tag, nameOfLanguage(tag)] as const)}
          value={language}
          onchange={(tag) => (chosen = tag)}
        />
      {:else}
        <p><span class="field-label">Language</span>{nameOfLanguage(language)}</p>
      {/if}
      <label>
        <span class="field-label">In another language too</span>
        <select
          class="input w-48"
          value=""
          onchange={(event) => {
            add(event.currentTarget.value);
            event.currentTarget.value = "";
          }}
        >
          <option value="">Add …</option>
          {#each others as [tag, name] (tag)}<option value={tag}>{name}</option>{/each}
        </select>
      </label>
    </div>
    {#key language}
      <RichTextInput
        label="Instructions, {nameOfLanguage(language)}"
        {language}
        paragraphs={said?.paragraphs ?? []}
        onwrite={(paragraphs) => set({ paragraphs }, true)}
      />
      <div>
        <p class="field-label">Spoken</p>
        <p class="quiet mb-2 text-sm">
          Where there is no recording, students hear the voice of their device.
        </p>
        <SoundInput
          sound={said?.sound ?? null}
          label="Instructions, spoken, {nameOfLanguage(language)}"
          standIn={editing.standInMicrophone}
          onsound={(sound) => set({ sound })}
        />
      </div>
    {/key}
    <div class="flex flex-wrap justify-end gap-3">
      {#if languages.length > 1}
        <button class="btn btn-ghost" onclick={remove}>Take {nameOfLanguage(language)} away</button>
      {/if}
      <button class="btn btn-primary" onclick={onclose}>Close</button>
    </div>
  </div>
</Dialog>
