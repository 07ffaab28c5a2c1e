<script lang="ts">
  import { take, sentenceOf } from "../../../api/failure";
  import { teacher, type Schemas } from "../../../api/teacher";
  import { moment } from "../../../words/say";
  import type { FoundPlaces } from "../found/found.svelte";
  import type { Editing } from "../state/editing.svelte";
  import LookOver from "../slip/LookOver.svelte";

  let { editing, found }: { editing: Editing; found: FoundPlaces } = $props();

  let busy = $state(false);
  let problem = $state("");
  let handouts = $state.raw<Schemas["HandoutOut"][]>([]);

  // svelte-ignore state_referenced_locally
  const params = { path: { worksheet_id: editing.id } };

  $effect(() => {
    take(teacher.GET("/api/worksheets/{worksheet_id}/handouts", { params })).then(
      (found) => (handouts = found),
      () => undefined,
    );
  });

  async function handOut() {
    busy = true;
    problem = "";
    try {
      await editing.store.allSaved();
      const handout = await take(teacher.POST("/api/worksheets/{worksheet_id}/handouts", { params }));
      location.assign(`/handouts/${handout.id}/`);
    } catch (failure) {
      problem = sentenceOf(failure);
      busy = false;
    }
  }
</script>

<div class="h-full overflow-y-auto p-7">
  <section class="card-paper max-w-xl px-7 py-6">
    <h2 class="text-xl">Hand it out to anybody with the code</h2>
    <p class="quiet mt-2">
      You get a code, a link and a QR code. Everybody who joins works on a copy of their own; your worksheet
      stays as it is.
    </p>
    <div class="mt-4"><LookOver {editing} {found} /></div>
    {#if problem}<p class="mt-4 font-semibold text-warning" role="alert">{problem}</p>{/if}
    <button class="btn btn-primary mt-5 h-12" disabled={busy} onclick={handOut}>
      {busy ? "Handing out…" : "Hand it out now"}
    </button>
  </section>
  {#if handouts.length > 0}
    <h3 class="mt-8 mb-2">Handed out before</h3>
    <ul class="max-w-xl divide-y divide-(--hairline)">
      {#each handouts as handout (handout.id)}
        <li class="flex items-center gap-4 py-2">
          <a href="/handouts/{handout.id}/" class="font-semibold underline underline-offset-4 tabular-nums"
            >{handout.code}</a
          >
          <span class="quiet text-sm">{moment(handout.created_at)} · {handout.open ? "open" : "closed"}</span>
        </li>
      {/each}
    </ul>
  {/if}
</div>
