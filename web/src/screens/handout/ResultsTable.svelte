<script lang="ts">
  import { list, moment, number, plural } from "../../words/say";
  import type { Schemas } from "../../api/teacher";
  import { refName } from "../../kinds/form";
  import Clock from "@lucide/svelte/icons/clock";
  import Later from "../../ui/Later.svelte";
  import type { Live } from "./results.svelte";
  import VerdictMark, { inWords } from "../../ui/VerdictMark.svelte";

  let { live }: { live: Live } = $props();

  const results = $derived(live.results);
  /** Whether times are settled, and whoever looks may make exceptions. */
  const timed = $derived(
    results.handout.right !== "look" &&
      [results.handout.due_at, results.handout.closes_at, results.handout.minutes].some(
        (set) => set !== null,
      ),
  );
  /** Whose time is looked at. */
  let timing = $state("");
  const timedRow = $derived(results.rows.find(({ id }) => id === timing));

  const megabytes = (bytes: number) => number(Math.ceil(bytes / 1_000_000));
  const standing = (row: Schemas["CopyRow"]) =>
    row.handed_in_at
      ? row.handed_in_late
        ? "Handed in late"
        : "Handed in"
      : row.over || (row.ends_at && live.isPast(row.ends_at))
        ? "Time over"
        : row.saved_at || row.begun_at
          ? "Working"
          : "Not begun";
  const total = (row: Schemas["CopyRow"]) => (row.handed_in_at ? row.total : row.saved_at ? "…" : "–");
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex (a region that scrolls must be reached by the keyboard) -->
<div class="overflow-x-auto" tabindex="0" role="region" aria-label="Marks">
  <table class="w-full border-collapse text-[0.9rem] tabular-nums">
    <thead class="quiet text-[0.8rem]">
      <tr>
        <th scope="col" class="sticky start-0 bg-base-300 px-3 py-2 text-start font-semibold">Student</th>
        <th scope="col" class="px-2 py-2 text-start font-semibold">Work</th>
        {#each results.questions as question (refName(question))}
          <th scope="col" class="min-w-8 px-1 py-2 font-semibold">{question.number}</th>
        {/each}
        <th scope="col" class="px-3 py-2 text-end font-semibold whitespace-nowrap">of {results.points}</th>
      </tr>
    </thead>
    <tbody>
      {#each live.rows as row (row.id)}
        <tr class="odd:bg-base-100/60">
          <th scope="row" class="sticky start-0 max-w-56 bg-base-200 px-3 py-2 text-start font-semibold">
            <a href="/copies/{row.id}/" class="block truncate underline-offset-4 hover:underline" dir="auto"
              >{live.nameOf(row)}</a
            >
          </th>
          <td class="quiet px-2 whitespace-nowrap">
            {standing(row)}{#if timed}
              <button
                class="btn btn-ghost btn-sm size-8 p-0 align-middle"
                aria-label="Time of {live.nameOf(row)}"
                title={row.ends_at && !row.handed_in_at ? `Until ${moment(row.ends_at)}` : "Time"}
                onclick={() => (timing = row.id)}><Clock size={15} aria-hidden="true" /></button
              >{/if}{#if row.late > 0}<span class="font-semibold text-warning">, {row.late} late</span>{/if}
          </td>
          {#each row.marks as mark, i (refName(mark))}
            <td class="px-1 text-center">
              <span class="relative inline-block">
                <VerdictMark
                  verdict={mark.verdict}
                  tries={mark.tries}
                  label="{results.questions[i]?.number}: {inWords(mark.verdict, mark.tries)}{mark.overruled
                    ? ', your decision'
                    : ''}{mark.helped > 0 ? ', with help' : ''}"
                />
                {#if mark.overruled}
                  <span
                    class="absolute -end-1.5 -bottom-0.5 size-1.5 rounded-full bg-accent"
                    aria-hidden="true"
                  ></span>
                {/if}
              </span>
            </td>
          {/each}
          <td class="px-3 text-end font-bold whitespace-nowrap">
            {total(row)}{#if row.handed_in_at && row.waiting > 0}&nbsp;<span
                class="quiet font-normal"
                title={plural(row.waiting, ["# waits for you", "# wait for you"])}>+?</span
              >{/if}
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
{#if results.files}
  {@const { kept, most, most_of_a_copy, nearly_full } = results.files}
  <p class="quiet mt-3 text-sm tabular-nums">
    Files that students sent: {megabytes(kept)} of {megabytes(most)} MB; each may send {megabytes(
      most_of_a_copy,
    )} MB.
    {#if nearly_full.length > 0}
      <span class="font-semibold text-warning">Hardly more fits into the copy of {list(nearly_full)}.</span>
    {/if}
  </p>
{/if}
{#if results.opinions.length > 0}
  <p class="quiet mt-3 text-sm">
    Without points, so opinions that are not marked: {list(results.opinions)}. Read them in each copy.
  </p>
{/if}
{#if timedRow}
  {@const close = () => (timing = "")}
  <Later load={() => import("./CopyTime.svelte")} onclose={close}>
    {#snippet children({ default: CopyTime })}<CopyTime {live} row={timedRow} onclose={close} />{/snippet}
  </Later>
{/if}
