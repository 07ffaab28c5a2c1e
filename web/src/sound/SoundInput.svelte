<script lang="ts">
  // A sound of the teacher's: recorded, or brought as a file; heard, made anew, taken away.
  import Circle from "@lucide/svelte/icons/circle";
  import Square from "@lucide/svelte/icons/square";
  import { onDestroy } from "svelte";
  import { csrfToken } from "../api/begin";
  import { Failure, take } from "../api/failure";
  import { teacher } from "../api/teacher";
  import { announce } from "../ui/Announcer.svelte";
  import { Recorder } from "./recorder.svelte";
  import { clock } from "./sound";

  interface Props {
    /** By its SHA-256. */
    sound: string | null;
    /** What it is a sound of, for those who listen. */
    label: string;
    /** Whether there is a microphone for devices that have none. */
    standIn: boolean;
    onsound: (sound: string | null) => void;
  }
  let { sound, label, standIn, onsound }: Props = $props();

  const MOST_SECONDS = 600;

  let input = $state<HTMLInputElement>();
  let sending = $state(false);
  let problem = $state("");

  const recorder = new Recorder(
    () => MOST_SECONDS,
    // svelte-ignore state_referenced_locally
    standIn,
    (recorded, seconds) => {
      announce(`Recorded: ${clock(seconds)}`);
      void keep(recorded);
    },
  );
  onDestroy(() => recorder.stop());

  async function keep(file: Blob) {
    sending = true;
    problem = "";
    try {
      const kept = await take(
        teacher.POST("/api/sounds", {
          body: file as unknown as string,
          bodySerializer: (body) => body,
          headers: { "Content-Type": "application/octet-stream", "X-CSRFToken": csrfToken() },
        }),
      );
      onsound(kept.sound);
    } catch (failure) {
      problem = failure instanceof Failure ? failure.message : String(failure);
    }
    sending = false;
  }
</script>

<div class="flex flex-wrap items-center gap-2" role="group" aria-label={label}>
  {#if recorder.state === "recording"}
    <button type="button" class="btn btn-primary h-11" onclick={() => recorder.stop()}
      ><Square size={16} aria-hidden="true" fill="currentColor" />Stop</button
    >
    <span class="tabular-nums" role="timer">{clock(recorder.seconds)} of {clock(MOST_SECONDS)}</span>
    <meter class="w-24" min="0" max="1" value={recorder.loudness} aria-label="How loud it is"></meter>
  {:else}
    <button
      type="button"
      class="btn btn-outline h-11"
      disabled={sending || recorder.state === "asking"}
      onclick={() => recorder.start()}
      ><Circle size={16} aria-hidden="true" class="text-warning" fill="currentColor" />{sound
        ? "Record again"
        : "Record"}</button
    >
    <input
      bind:this={input}
      type="file"
      accept="audio/*"
      class="hidden"
      aria-label="Sound file: {label}"
      onchange={(event) => {
        const [file] = event.currentTarget.files ?? [];
        if (file) void keep(file);
        event.currentTarget.value = "";
      }}
    />
    <button type="button" class="btn btn-ghost h-11" disabled={sending} onclick={() => input?.click()}
      >A file</button
    >
  {/if}
  {#if sound && recorder.state !== "recording"}
    <audio class="h-11 min-w-48 flex-1" controls src="/sounds/{sound}/"></audio>
    <button type="button" class="btn btn-ghost h-11" onclick={() => onsound(null)}>Take away</button>
  {/if}
  {#if sending}<span class="quiet text-sm" role="status">Sending …</span>{/if}
  {#if recorder.problem || problem}
    <p class="w-full font-semibold text-warning" role="alert">{recorder.problem || problem}</p>
  {/if}
</div>
