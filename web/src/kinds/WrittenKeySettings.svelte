<script lang="ts">
  // By what each of several parts that are typed into is marked; one of them at a time.
  import type { Document } from "../api/teacher";
  import AcceptedAnswers from "./answer_box/AcceptedAnswers.svelte";
  import AnswerKey from "./answer_box/KeySettings.svelte";
  import RefusedAnswers from "./answer_box/RefusedAnswers.svelte";
  import type { FieldOf } from "./teacher";
  import { plain } from "./plain";
  import { withRight, type PartRight } from "./written_key";

  interface Props {
    right: readonly PartRight[];
    /** The parts, as they are numbered. */
    numbers: Readonly<Record<string, string>>;
    /** Whether a part is not typed into, but chosen for: then nothing can be nearly right. */
    isChosen?: (part: string) => boolean;
    settings: Document["settings"];
    onright: (right: PartRight[]) => void;
  }
  let { right, numbers, isChosen = () => false, settings, onright }: Props = $props();

  let picked = $state<string>();
  const inOrder = $derived(Object.keys(numbers).flatMap((id) => right.find(({ part }) => part === id) ?? []));
  const one = $derived(inOrder.find(({ part }) => part === picked) ?? inOrder[0]);
  const box: FieldOf<"answer_box"> = {
    kind: "answer_box",
    ...plain("", "", { x: 0, y: 0, width: 1, height: 1 }),
    lines: "one",
    signs: "none",
    placeholder: "",
  };
  const asBox = $derived.by(() => {
    if (!one) return undefined;
    const { text, also, partly, refused, comparison = null } = one;
    return { kind: "answer_box" as const, text, also, partly, refused, comparison, follows: null };
  });

  function change({ text, also, partly, refused, comparison = null }: Omit<PartRight, "part">) {
    const part = one?.part;
    if (part) onright(withRight(right, part, () => ({ part, text, also, partly, refused, comparison })));
  }
</script>

{#if one && asBox}
  <label class="block">
    <span class="field-label">Marked how</span>
    <select class="input w-full" value={one.part} onchange={(event) => (picked = event.currentTarget.value)}>
      {#each inOrder as { part, text } (part)}<option value={part}>{numbers[part]}: {text}</option>{/each}
    </select>
  </label>
  {#key one.part}
    {#if isChosen(one.part)}
      <p class="field-label">Also right</p>
      <AcceptedAnswers fieldKey={asBox} onkey={change} />
      <RefusedAnswers refused={asBox.refused} onrefused={(refused) => change({ ...asBox, refused })} />
    {:else}
      <AnswerKey field={box} fieldKey={asBox} {settings} earlier={[]} {numbers} onkey={change} />
    {/if}
  {/key}
{/if}
