<script lang="ts">
  // A sound of the teacher's: recorded, or brought as a file; heard, made anew, taken away.
  import { onDestroy } from "svelte";
  import { csrfToken } from "../api/begin";
  import { take, sentenceOf } from "../api/failure";
  import { teacher } from "../api/teacher";
  import { announce } from "../ui/Announcer.svelte";
  import Recording from "./Recording.svelte";
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
      problem = sentenceOf(failure);
    }
    sending = false;
  }
</script>

<div class="flex flex-wrap items-center gap-2" role="group" aria-label={label}>
  <Recording
    {recorder}
    most={MOST_SECONDS}
    again={sound !== null}
    label="Sound file: {label}"
    busy={sending}
    onfile={(file) => void keep(file)}
  />
  {#if sound && recorder.state !== "recording"}
    <audio class="h-11 min-w-48 flex-1" controls src="/sounds/{sound}/"></audio>
    <button type="button" class="btn btn-ghost h-11" onclick={() => onsound(null)}>Take away</button>
  {/if}
  {#if sending}<span class="quiet text-sm" role="status">Sending …</span>{/if}
  {#if recorder.problem || problem}
    <p class="w-full font-semibold text-warning" role="alert">{recorder.problem || problem}</p>
  {/if}
</div>
