<script lang="ts">
  // A recording: made, heard again, made anew; or a sound that is brought as a file.
  import { onDestroy } from "svelte";
  import { announce } from "../../ui/Announcer.svelte";
  import { AnswerFile } from "../answer_file.svelte";
  import { sheetStore } from "../sheet_store";
  import type { AnsweringProps } from "../student";
  import Recording from "../../sound/Recording.svelte";
  import { Recorder } from "../../sound/recorder.svelte";
  import { clock } from "../../sound/sound";

  let {
    prompt,
    answer,
    label,

    readonly = false,
    onfocus,
  }: AnsweringProps<"sound_box"> = $props();

  const store = sheetStore();
  const file = new AnswerFile(
    store,
    () => prompt,
    () => answer?.sound,
  );
  const waits = $derived(file.waiting);
  const src = $derived(file.address);
  const recorder = new Recorder(
    () => prompt.most_seconds,
    store.standIn,
    (sound, seconds) => {
      store.files.put(prompt, sound);
      announce(`Recorded: ${clock(seconds)}`);
    },
  );
  onDestroy(() => recorder.stop());
</script>

<div
  class="flex h-full flex-wrap items-center gap-1.5 overflow-auto px-1 text-sm"
  role="group"
  aria-label={label}
>
  {#if !readonly}
    <Recording
      {recorder}
      most={prompt.most_seconds}
      again={src !== undefined}
      label="Sound for {prompt.parts[0]?.number}"
      onfile={(file) => store.files.put(prompt, file)}
      {onfocus}
    />
  {/if}
  {#if src && recorder.state !== "recording"}
    <audio class="h-9 min-w-40 flex-1" controls {src}></audio>
  {/if}
  {#if waits}<span role="status">Kept on this device until it is sent.</span>{/if}
  {#if recorder.problem}<p class="font-semibold text-warning" role="alert">{recorder.problem}</p>{/if}
</div>
