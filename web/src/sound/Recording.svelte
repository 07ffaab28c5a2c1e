<script lang="ts">
  // Records a sound, or takes one that is brought as a file.
  import Circle from "@lucide/svelte/icons/circle";
  import Square from "@lucide/svelte/icons/square";
  import type { Recorder } from "./recorder.svelte";
  import { clock } from "./sound";

  interface Props {
    recorder: Recorder;
    /** Seconds that a recording may have. */
    most: number;
    /** Whether there is a sound already, which is made anew. */
    again: boolean;
    /** What a file is of, for those who listen. */
    label: string;
    busy?: boolean;
    onfile: (file: File) => void;
    onfocus?: () => void;
  }
  let { recorder, most, again, label, busy = false, onfile, onfocus }: Props = $props();

  let input = $state<HTMLInputElement>();
</script>

{#if recorder.state === "recording"}
  <button type="button" class="btn btn-primary h-9" onclick={() => recorder.stop()}
    ><Square size={16} aria-hidden="true" fill="currentColor" />Stop</button
  >
  <span class="tabular-nums" role="timer">{clock(recorder.seconds)} of {clock(most)}</span>
  <meter class="w-24" min="0" max="1" value={recorder.loudness} aria-label="How loud it is"></meter>
{:else}
  <button
    type="button"
    class="btn btn-outline h-9"
    disabled={busy || recorder.state === "asking"}
    onfocus={() => onfocus?.()}
    onclick={() => {
      onfocus?.();
      void recorder.start();
    }}
    ><Circle size={16} aria-hidden="true" class="text-warning" fill="currentColor" />{again
      ? "Record again"
      : "Record"}</button
  >
  <input
    bind:this={input}
    type="file"
    accept="audio/*"
    class="hidden"
    aria-label={label}
    onchange={(event) => {
      const [file] = event.currentTarget.files ?? [];
      if (file) onfile(file);
      event.currentTarget.value = "";
    }}
  />
  <button
    type="button"
    class="btn btn-ghost h-9"
    disabled={busy}
    onfocus={() => onfocus?.()}
    onclick={() => input?.click()}>A file</button
  >
{/if}
