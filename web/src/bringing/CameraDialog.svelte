<script lang="ts">
  // Photos of sheets under a camera, one after the other, brought in together.
  import { plural } from "../words/say";
  import Dialog from "../ui/Dialog.svelte";
  import { untrack } from "svelte";
  import { announce } from "../ui/Announcer.svelte";
  import { cameras, taken, type Camera } from "./camera";

  interface Props {
    standIn: string | null;
    /** Whether one photo is all that is wanted. */
    one?: boolean;
    ontaken: (photos: File[]) => void;
    onclose: () => void;
  }
  let { standIn, one = false, ontaken, onclose }: Props = $props();

  let place = $state<HTMLDivElement>();
  let found = $state.raw<Camera[]>();
  let chosen = $state("");
  let photos = $state.raw<{ file: File; thumb: string }[]>([]);
  let problem = $state("");
  /** Whether the chosen camera shows something by now. */
  let seeing = $state(false);
  /** How many photos were taken, those removed again too. */
  let count = 0;

  void untrack(() => cameras(standIn)).then((all) => {
    found = all;
    chosen = all[0]?.id ?? "";
  });

  $effect(() => {
    const camera = found?.find(({ id }) => id === chosen);
    if (!camera || !place) return;
    problem = "";
    let left = false;
    const showing = camera.show(place).then(
      (stop) => {
        seeing = !left;
        return stop;
      },
      () => {
        problem = left ? "" : "This camera cannot be used. Another program may hold it.";
        return () => undefined;
      },
    );
    return () => {
      left = true;
      seeing = false;
      void showing.then((stop) => stop());
    };
  });

  async function take() {
    const file = place && (await taken(place, `Photo ${(count += 1)}.jpg`));
    if (!file) return;
    if (one) return ontaken([file]);
    const thumb = await thumbOf(file);
    photos = [...photos, { file, thumb }]; // as they are now: the next photo may have been quicker
    announce(`Photo ${photos.length} taken`);
  }

  async function thumbOf(file: File): Promise<string> {
    const bitmap = await createImageBitmap(file, { resizeHeight: 120 });
    const canvas = document.createElement("canvas");
    Object.assign(canvas, { width: bitmap.width, height: bitmap.height });
    canvas.getContext("2d")?.drawImage(bitmap, 0, 0);
    return canvas.toDataURL("image/jpeg", 0.8);
  }

  function bringIn() {
    const files = photos.map(({ file }) => file);
    onclose();
    ontaken(files);
  }
</script>

<Dialog
  title={one ? "Take a picture" : "Take photos of your papers"}
  class="w-[min(56rem,96vw)]"
  unsaved={photos.length > 0 ? "The photos are not brought in yet." : ""}
  {onclose}
>
  {#if !one}<p class="quiet text-sm">The whole sheet in view, in good light. Velum straightens it.</p>{/if}
  {#if found?.length === 0}
    <p class="mt-4 problem" role="alert">
      No camera was found, or this page may not use it. Allow it in the browser's settings, or take the photos
      with a phone and choose them as files.
    </p>
  {:else}
    {#if found && found.length > 1}
      <label class="mt-3 flex items-center gap-3">
        <span class="text-sm font-semibold">Camera</span>
        <select class="input w-72" bind:value={chosen}>
          {#each found as { id, label } (id)}<option value={id}>{label}</option>{/each}
        </select>
      </label>
    {/if}
    <div
      class="mt-4 grid h-[min(26rem,50dvh)] place-items-center overflow-hidden bg-base-300 [&>*]:h-full [&>*]:min-h-0 [&>*]:w-full [&>*]:object-contain"
      bind:this={place}
      data-testid="camera"
    ></div>
  {/if}
  {#if problem}<p class="mt-3 font-semibold text-warning" role="alert">{problem}</p>{/if}
  <div class="mt-4 flex flex-wrap items-end gap-3">
    <button class="btn btn-primary" disabled={!seeing} onclick={take}>Take a photo</button>
    {#if !one}
      <ul class="flex min-w-0 flex-1 gap-2 overflow-x-auto p-1" aria-label="Photos">
        {#each photos as { thumb }, i (i)}
          <li>
            <button
              aria-label="Remove photo {i + 1}"
              title="Remove this photo"
              onclick={() => (photos = photos.filter((_, k) => k !== i))}
            >
              <img src={thumb} alt="" class="h-14 rounded-sm shadow" />
            </button>
          </li>
        {/each}
      </ul>
    {/if}
    <button class="btn btn-outline" onclick={onclose}>Cancel</button>
    {#if !one}
      <button class="btn btn-primary" disabled={photos.length === 0} onclick={bringIn}>
        {plural(photos.length, ["Bring in # photo", "Bring in # photos"])}
      </button>
    {/if}
  </div>
</Dialog>
