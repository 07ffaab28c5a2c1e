<script lang="ts">
  // What the worksheet, a page or a question asks for, in the language that the student picks; and to be heard.
  import Square from "@lucide/svelte/icons/square";
  import Volume2 from "@lucide/svelte/icons/volume-2";
  import type { Instruction } from "../../../api/student";
  import Paragraphs from "../../../rich_text/Paragraphs.svelte";
  import { nameOfLanguage } from "../../../words/language_name";
  import { inLanguage, type Listening } from "../listening/listening.svelte";
  import type { ReadingSettings } from "../reading/reading.svelte";

  interface Props {
    /** What they are known by while they are heard. */
    name: string;
    label: string;
    instructions: readonly Instruction[];
    listening: Listening;
    reading: ReadingSettings;
    /** Whether they are heard elsewhere. */
    silent?: boolean;
  }
  let { name, label, instructions, listening, reading, silent = false }: Props = $props();

  const said = $derived(inLanguage(instructions, reading.now.language));
  const heard = $derived(listening.aloud.reading === name);
</script>

{#if said}
  <section class="flex items-center gap-3" aria-label={label}>
    {#if !silent && (said.sound || listening.aloud.able)}
      <button
        class="btn btn-outline size-11 flex-none p-0"
        aria-label={heard ? "Stop reading" : `Read to me: ${label}`}
        onclick={() => (heard ? listening.stop() : listening.readInstructions(name, instructions))}
      >
        {#if heard}<Square size={18} aria-hidden="true" />{:else}<Volume2 size={20} aria-hidden="true" />{/if}
      </button>
    {/if}
    <div class="laid-text min-w-0 flex-1 text-[calc(1rem*var(--letters,1))]" lang={said.language} dir="auto">
      <Paragraphs paragraphs={said.paragraphs} />
    </div>
    {#if instructions.length > 1}
      <select
        class="input input-sm h-11 w-auto max-w-40 flex-none"
        aria-label="Language of the instructions"
        value={said.language}
        onchange={(event) => reading.set({ language: event.currentTarget.value })}
      >
        {#each instructions as { language } (language)}
          <option value={language} lang={language}>{nameOfLanguage(language)}</option>
        {/each}
      </select>
    {/if}
  </section>
{/if}
