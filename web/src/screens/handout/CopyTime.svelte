<script lang="ts">
  // The time of one student: more of it, or a last moment of one's own.
  import { sentenceOf } from "../../api/failure";
  import type { Schemas } from "../../api/teacher";
  import Dialog from "../../ui/Dialog.svelte";
  import { moment, plural } from "../../words/say";
  import { fromLocal, toLocal } from "../../words/local_time";
  import type { Live } from "./results.svelte";

  interface Props {
    live: Live;
    row: Schemas["CopyRow"];
    onclose: () => void;
  }
  let { live, row, onclose }: Props = $props();

  const MORE = [5, 10, 15, 30];

  let problem = $state("");
  const limited = $derived(live.results.handout.minutes !== null);

  async function give(time: Partial<Schemas["TimeIn"]>) {
    problem = "";
    try {
      await live.giveTime(row.id, time);
    } catch (failure) {
      problem = sentenceOf(failure);
    }
  }
</script>

<Dialog title="Time of {live.nameOf(row)}" class="w-[min(28rem,94vw)]" {onclose}>
  <div class="space-y-4 pt-2">
    <p role="status">
      {#if row.handed_in_at}
        Handed in {moment(row.handed_in_at)}. To have them go on, open their copy.
      {:else if row.over}
        The time is over.
      {:else if row.ends_at}
        Until <b>{moment(row.ends_at)}</b>.
      {:else if limited}
        Not begun.
      {:else}
        As long as it is open.
      {/if}
      {#if row.more_minutes > 0}
        {plural(row.more_minutes, ["# minute more than the others.", "# minutes more than the others."])}
      {/if}
    </p>
    {#if limited}
      <div role="group" aria-labelledby="more-{row.id}">
        <p id="more-{row.id}" class="field-label">Minutes more</p>
        <div class="flex flex-wrap gap-2">
          {#each MORE as minutes (minutes)}
            <button
              class="btn btn-outline h-11 min-w-14"
              aria-label={plural(minutes, ["# minute more", "# minutes more"])}
              onclick={() => give({ more: minutes })}>+{minutes}</button
            >
          {/each}
          <button
            class="btn btn-ghost h-11"
            disabled={row.more_minutes === 0}
            onclick={() => give({ more: -row.more_minutes })}>None</button
          >
        </div>
      </div>
    {/if}
    <label class="block">
      <span class="field-label">May go on until, whatever holds for the others</span>
      <input
        type="datetime-local"
        class="input w-full"
        value={toLocal(row.until)}
        onchange={(event) => give({ until: fromLocal(event.currentTarget.value) })}
      />
    </label>
    {#if problem}<p class="font-semibold text-warning" role="alert">{problem}</p>{/if}
    <button class="btn btn-primary h-11" onclick={onclose}>Done</button>
  </div>
</Dialog>
