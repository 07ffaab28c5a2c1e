<script lang="ts">
  // Answers that are to be expected and are not right: what students are told of them, and what they are worth.
  import LIMITS from "../../generated/limits.json";
  import Folded from "../../ui/Folded.svelte";
  import AddText from "./AddText.svelte";
  import type { KeyOf } from "../teacher";

  type Refused = KeyOf<"answer_box">["refused"];

  let { refused, onrefused }: { refused: Refused; onrefused: (refused: Refused) => void } = $props();

  const MOST = 30;
  const WORTH = [0, 25, 50, 75];

  function add(wrong: string) {
    if (wrong && refused.length < MOST && !refused.some((one) => one.text === wrong))
      onrefused([...refused, { text: wrong, says: "", percent: 0 }]);
  }

  const change = (place: number, changed: Partial<Refused[number]>) =>
    onrefused(refused.map((one, i) => (i === place ? { ...one, ...changed } : one)));
</script>

<Folded
  title="Wrong answers to expect{refused.length ? `: ${refused.length}` : ''}"
  open={refused.length > 0}
>
  <div class="space-y-3">
    {#if refused.length === 0}
      <p class="quiet text-sm">They are never let pass as slips, and students can be told what is wrong.</p>
    {/if}
    <ul class="space-y-3" aria-label="Wrong answers to expect">
      {#each refused as one, i (one.text)}
        <li class="rounded-lg border border-(--line) p-2">
          <div class="flex items-center gap-2">
            <span class="min-w-0 flex-1 font-semibold break-words" dir="auto">{one.text}</span>
            <button
              class="btn btn-circle btn-ghost btn-xs"
              aria-label="Expect {one.text} no longer"
              onclick={() => onrefused(refused.filter((other) => other !== one))}>×</button
            >
          </div>
          <input
            class="input input-sm mt-2 w-full"
            dir="auto"
            aria-label="What students are told of {one.text}"
            placeholder="What students are told"
            maxlength={LIMITS.refused_says}
            value={one.says}
            oninput={(event) => change(i, { says: event.currentTarget.value })}
          />
          <select
            class="input input-sm mt-2 w-full"
            aria-label="What {one.text} is worth"
            value={one.percent}
            onchange={(event) => change(i, { percent: Number(event.currentTarget.value) })}
          >
            {#each WORTH as percent (percent)}
              <option value={percent}
                >{#if percent}Worth {percent} %{:else}No points{/if}</option
              >
            {/each}
          </select>
        </li>
      {/each}
    </ul>
    <AddText label="Another wrong answer" onadd={add} />
  </div>
</Folded>
