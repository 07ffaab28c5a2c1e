<script lang="ts">
  import { take, sentenceOf } from "../../../api/failure";
  import { teacher, type Schemas } from "../../../api/teacher";
  import { announce } from "../../../ui/Announcer.svelte";
  import { list, moment, plural } from "../../../words/say";
  import type { FoundPlaces } from "../found/found.svelte";
  import type { Editing } from "../state/editing.svelte";
  import LookOver from "../slip/LookOver.svelte";
  import { Audience } from "./audience.svelte";
  import FirstSettings from "./FirstSettings.svelte";
  import ToWhom from "./ToWhom.svelte";

  let { editing, found }: { editing: Editing; found: FoundPlaces } = $props();

  let busy = $state(false);
  let problem = $state("");
  let handouts = $state.raw<Schemas["HandoutOut"][]>([]);
  let settings = $state<Partial<Schemas["HandoutSettings"]>>({});
  const audience = new Audience();

  // svelte-ignore state_referenced_locally
  const params = { path: { worksheet_id: editing.id } };

  const ANYBODY = /* @wc-include */ "anybody with the code";
  const to = $derived(list(audience.guests ? [...audience.names, ANYBODY] : audience.names));

  const listed = () =>
    take(teacher.GET("/api/worksheets/{worksheet_id}/handouts", { params })).then(
      (found) => (handouts = found),
      () => undefined,
    );

  $effect(() => {
    void listed();
    void audience.load();
  });

  async function handOut() {
    busy = true;
    problem = "";
    try {
      await editing.store.allSaved();
      const body = { ...audience.body, settings: settings as Schemas["HandoutSettings"] };
      const made = await take(teacher.POST("/api/worksheets/{worksheet_id}/handouts", { params, body }));
      const [first] = made;
      if (made.length === 1 && first) {
        location.assign(`/handouts/${first.id}/`);
        return;
      }
      announce(plural(made.length, ["Handed out to # class", "Handed out # times"]));
      audience.chosen = {};
      audience.guests = false;
      await listed();
    } catch (failure) {
      problem = sentenceOf(failure);
    }
    busy = false;
  }
</script>

<div class="h-full overflow-y-auto p-7">
  <section class="card-paper max-w-2xl px-7 py-6">
    <h2 class="text-xl">Hand it out</h2>
    <p class="quiet mt-2">Everybody works on a copy of their own; your worksheet stays as it is.</p>
    <div class="mt-4"><LookOver {editing} {found} /></div>
    <div class="mt-5"><ToWhom {audience} /></div>
    <div class="mt-5"><FirstSettings bind:settings /></div>
    {#if problem}<p class="mt-4 font-semibold text-warning" role="alert">{problem}</p>{/if}
    <button class="btn btn-primary mt-5 h-12" disabled={busy || !audience.ready} onclick={handOut}>
      {busy ? "Handing out…" : audience.ready ? `Hand out to ${to}` : "Choose to whom"}
    </button>
  </section>
  {#if handouts.length > 0}
    <h3 class="mt-8 mb-2">Handed out before</h3>
    <ul class="max-w-2xl divide-y divide-(--hairline)">
      {#each handouts as handout (handout.id)}
        <li class="flex flex-wrap items-center gap-x-4 py-2">
          <a href="/handouts/{handout.id}/" class="font-semibold underline underline-offset-4 tabular-nums">
            {#if handout.to_class}<bdi>{handout.to_class.name}</bdi>{:else}{handout.code}{/if}
          </a>
          <span class="quiet text-sm">
            {#if handout.to_class?.some}{plural(handout.to_class.some, ["# student", "# students"])} ·
            {/if}{moment(handout.created_at)} · {handout.open ? "open" : "closed"}
          </span>
        </li>
      {/each}
    </ul>
  {/if}
</div>
