<script lang="ts">
  import ChooseFiles from "../../bringing/ChooseFiles.svelte";
  import Progress from "../../bringing/Progress.svelte";
  import UseCamera from "../../bringing/UseCamera.svelte";
  import { Bringing } from "../../bringing/bringing.svelte";
  import { tellNext } from "../../bringing/left_out";

  let { largest, standIn, first }: { largest: number; standIn: string | null; first: boolean } = $props();

  const LONG = 10;

  // svelte-ignore state_referenced_locally
  const bringing = new Bringing(largest, ({ id, document }, leftOut) => {
    tellNext(id, leftOut);
    // Of a long paper the pages that matter are picked first.
    location.assign(`/worksheets/${id}/${document.pages.length > LONG ? "#pages" : ""}`);
  });
  let over = $state(false);

  const take = (files: FileList | null | undefined) => bringing.begin([...(files ?? [])]);

  function onDrop(event: DragEvent) {
    event.preventDefault();
    over = false;
    void take(event.dataTransfer?.files);
  }
</script>

<svelte:window
  ondragover={(event) => event.preventDefault()}
  ondrop={onDrop}
  onpaste={(event) => take(event.clipboardData?.files)}
/>

<section
  class="mt-2 flex flex-wrap items-center gap-x-6 gap-y-4 rounded-lg border-2 border-dashed px-7 transition-colors {first
    ? 'py-16'
    : 'py-6'} {over ? 'border-accent bg-base-100' : 'border-(--line) bg-base-200/60'}"
  aria-label="Bring in a worksheet"
  ondragenter={() => (over = true)}
  ondragleave={(event) => (over = event.currentTarget.contains(event.relatedTarget as Node))}
>
  {#if bringing.busy}
    <Progress {bringing} />
  {:else}
    <div class="min-w-0 flex-1 basis-72">
      <h2 class="text-xl">{first ? "Begin with a paper you have" : "Bring in another paper"}</h2>
      <p class="quiet mt-1">
        Drop PDFs, scans or photos anywhere here, or paste a screen grab. Several files become one worksheet.
      </p>
      {#if bringing.problem}
        <p class="mt-3 problem" role="alert">
          {bringing.problem}
        </p>
      {/if}
    </div>
    <ChooseFiles {bringing} label="Choose files" />
    <UseCamera {bringing} {standIn} />
  {/if}
</section>
