<script lang="ts">
  // A recording: made, heard again, made anew; or a sound that is brought as a file.
  import Circle from "@lucide/svelte/icons/circle";
  import Square from "@lucide/svelte/icons/square";
  import { onDestroy } from "svelte";
  import { announce } from "../../ui/Announcer.svelte";
  import { AnswerFile } from "../answer_file.svelte";
  import { sheetStore } from "../sheet_store";
  import type { AnsweringProps } from "../student";
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
  let input = $state<HTMLInputElement>();
</script>

<div
  class="flex h-full flex-wrap items-center gap-1.5 overflow-auto px-1 text-sm"
  role="group"
  aria-label={label}
>
  {#if !readonly}
    {#if recorder.state === "recording"}
      <button class="btn btn-primary h-9" onclick={() => recorder.stop()}
        ><Square size={16} aria-hidden="true" fill="currentColor" />Stop</button
      >
      <span class="tabular-nums" role="timer">{clock(recorder.seconds)} of {clock(prompt.most_seconds)}</span>
      <meter class="w-24" min="0" max="1" value={recorder.loudness} aria-label="How loud it is"></meter>
    {:else}
      <button
        class="btn btn-outline h-9"
        disabled={recorder.state === "asking"}
        onfocus={() => onfocus()}
        onclick={() => {
          onfocus();
          void recorder.start();
        }}
        ><Circle size={16} aria-hidden="true" class="text-warning" fill="currentColor" />{src
          ? "Record again"
          : "Record"}</button
      >
      <input
        bind:this={input}
        type="file"
        accept="audio/*"
        class="hidden"
        aria-label="Sound for {prompt.parts[0]?.number}"
        onchange={(event) => {
          const [file] = event.currentTarget.files ?? [];
          if (file) store.files.put(prompt, file);
          event.currentTarget.value = "";
        }}
      />
      <button class="btn btn-ghost h-9" onfocus={() => onfocus()} onclick={() => input?.click()}
        >A file</button
      >
    {/if}
  {/if}
  {#if src && recorder.state !== "recording"}
    <audio class="h-9 min-w-40 flex-1" controls {src}></audio>
  {/if}
  {#if waits}<span role="status">Kept on this device until it is sent.</span>{/if}
  {#if recorder.problem}<p class="font-semibold text-warning" role="alert">{recorder.problem}</p>{/if}
</div>
