<script lang="ts">
  // How the right answer follows from earlier ones: who was wrong there may be right here.
  import Folded from "../../ui/Folded.svelte";
  import type { KeyOf, KeySettingsProps } from "../teacher";
  import { withIds, withNumbers } from "./follows";
  import ShareOptions from "./ShareOptions.svelte";

  type Follows = Exclude<KeyOf<"answer_box">["follows"], undefined>;

  interface Props {
    follows: Follows;
    /** What it comes to by the earlier keys; null: nothing yet. */
    comesTo: string | null;
    text: string;
    earlier: KeySettingsProps<"answer_box">["earlier"];
    onfollows: (follows: Follows) => void;
  }
  let { follows, comesTo, text, earlier, onfollows }: Props = $props();

  // svelte-ignore state_referenced_locally
  let written = $state(follows ? withNumbers(follows.rule, earlier) : "");
  const unknown = $derived(withIds(written, earlier).unknown);
  const some = $derived(earlier.at(-1)?.number);

  function put() {
    const { rule } = withIds(written.trim(), earlier);
    onfollows(rule ? { rule, percent: follows?.percent ?? 100 } : null);
  }
</script>

<Folded title="Follows on from earlier answers" open={follows !== null}>
  <div class="space-y-2 text-sm">
    <label class="block">
      <span class="field-label">Worked out as</span>
      <input
        class="input w-full"
        maxlength="200"
        autocomplete="off"
        spellcheck="false"
        placeholder={some ? `2 × {${some}}` : ""}
        bind:value={written}
        onchange={put}
      />
    </label>
    {#if unknown.length > 0}
      <p class="text-error" role="alert">
        No question before this one that has a right answer is called {unknown.join(", ")}.
      </p>
    {:else if follows && comesTo !== null}
      <p role="status">With your key that is {comesTo}; here the key is {text}.</p>
    {:else if follows}
      <p role="status">That cannot be worked out.</p>
    {:else}
      <p class="quiet">
        Write the number of an earlier question in braces. An answer that follows from a student’s own earlier
        one is right, though that one is wrong.
      </p>
    {/if}
    {#if follows}
      <label class="block">
        <span class="field-label">What is right with a wrong earlier answer is worth</span>
        <select
          class="input w-full"
          value={follows.percent}
          onchange={(event) => onfollows({ ...follows, percent: Number(event.currentTarget.value) })}
        >
          <ShareOptions percent={follows.percent} />
        </select>
      </label>
    {/if}
  </div>
</Folded>
