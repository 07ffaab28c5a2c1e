<script lang="ts">
  import Folded from "../../../ui/Folded.svelte";
  import Later from "../../../ui/Later.svelte";
  // The slip beside the paper: about what is in hand, or, when nothing is, about the worksheet.
  import type { Field, Fixture } from "../../../api/teacher";
  import { kindOf } from "../../../kinds/teacher";
  import type { Editing } from "../state/editing.svelte";
  import BetterPages from "../pages/BetterPages.svelte";
  import type { Drawing } from "../pages/drawing.svelte";
  import type { FoundPlaces } from "../found/found.svelte";
  import { copyByButton } from "../film/clipboard_keys";
  import { lookAt } from "../look_at";
  import LookOver from "./LookOver.svelte";
  import type { Paging } from "../pages/paging.svelte";
  import Align from "../fixtures/Align.svelte";
  import FixtureSlip from "../fixtures/FixtureSlip.svelte";
  import WorksheetExplaining from "../explaining/WorksheetExplaining.svelte";
  import FieldsSlip from "./FieldsSlip.svelte";
  import StyleSettings from "./StyleSettings.svelte";
  import type { Step } from "../steps";
  import { removeAll } from "../../../worksheet/commands/fields";
  import { layAgain } from "../../../worksheet/commands/repeat";
  import { fillNames, fillsNames } from "../../../worksheet/commands/names";
  import { setDecimal, setUsualStyle } from "../../../worksheet/commands/worksheet";
  import { isLocked, worthOf } from "../../../worksheet/lying";

  interface Props {
    editing: Editing;
    paging: Paging;
    drawing: Drawing;
    found: FoundPlaces;
    step: Step;
  }
  let { editing, paging, drawing, found, step }: Props = $props();

  const fields = $derived(step === "film" || step === "key" ? editing.fieldsInHand : []);
  const several = $derived(step === "film" ? editing.inHand : fields);
  const laid = $derived(
    several.length === 1 && fields.length === 0 ? (editing.inHand[0] as Fixture | undefined) : undefined,
  );
  const one = $derived(fields.length === 1 ? fields[0] : undefined);
  let pasting = $state(false);
  const doubtful = $derived(editing.store.fields.filter((field) => editing.toLookAt.includes(field.id)));

  /** Show a field that needs a look; looked at, it is off the list. */
  function lookAtDoubtful(field: Field) {
    lookAt(editing, [field.id], step);
    editing.toLookAt = editing.toLookAt.filter((id) => id !== field.id);
  }

  const again = (axis: "x" | "y") =>
    editing.do(
      layAgain(editing.document, editing.hand.selected, axis, (page) => editing.printed.places(page)),
    );

  const total = $derived(
    editing.store.fields.reduce((sum, field) => sum + worthOf(editing.document, field), 0),
  );
</script>

<div class="slip min-h-64 px-5 pt-6 pb-5">
  {#if laid}
    {#key laid.id}<FixtureSlip {editing} fixture={laid} />{/key}
  {:else if one && several.length === 1}
    <p class="quiet text-sm">{kindOf(one).label}</p>
    <h2 class="text-lg">Question {editing.store.number(one)}</h2>
    {#key one.id}<FieldsSlip {editing} {fields} {step} />{/key}
  {:else if several.length > 1}
    <h2 class="text-lg">{several.length} in hand</h2>
    {#if fields.length < several.length}
      <div class="mt-4"><Align {editing} /></div>
    {:else}
      {#key fields.map(({ id }) => id).join()}<FieldsSlip {editing} {fields} {step} />{/key}
    {/if}
  {:else}
    <p class="quiet text-sm">Worksheet</p>
    <h2 class="text-lg" dir="auto">{editing.document.title}</h2>
    {#if editing.store.fields.length === 0}
      <p class="mt-3">
        Draw a box on the page where students are to write. Fifteen are laid as quickly as one: keep drawing.
      </p>
    {:else}
      <dl class="mt-3 grid grid-cols-[1fr_auto] gap-y-1 tabular-nums">
        <dt>Fields</dt>
        <dd class="font-semibold">{editing.store.fields.length}</dd>
        <dt>With a right answer</dt>
        <dd class="font-semibold">
          {editing.store.fields.filter(({ id }) => editing.document.keys[id]).length}
        </dd>
        <dt>Points</dt>
        <dd class="font-semibold">{Math.round(total * 100) / 100}</dd>
      </dl>
      {#if step === "film"}
        <p class="quiet mt-4">Next: <a href="#key">fill in the key sheet</a>.</p>
        <div class="mt-4">
          <Folded title="Usual look of fields">
            <StyleSettings
              style={editing.document.style}
              onstyle={(style) => editing.do(setUsualStyle(style))}
            />
          </Folded>
          <Folded
            title="Instructions, skills"
            open={Object.keys(editing.document.instructions).length + editing.document.skills.length > 0}
          >
            <WorksheetExplaining {editing} />
          </Folded>
        </div>
      {:else if step === "key"}
        <p class="quiet mt-4">Fill the boxes in as a student would. Tab goes on to the next.</p>
        <p class="quiet mt-2">On a choice, press its letter: it goes on to the next.</p>
        <label class="mt-4 block">
          <span class="field-label">Decimals are written</span>
          <select
            class="input w-full"
            value={editing.document.settings.decimal}
            onchange={(event) =>
              editing.do(setDecimal(editing.document, event.currentTarget.value as "." | ","))}
          >
            <option value=".">with a point: 1.5</option>
            <option value=",">with a comma: 1,5</option>
          </select>
        </label>
      {/if}
    {/if}
  {/if}
  {#if step === "key" && editing.store.fields.length > 0}
    <button class="btn btn-outline btn-sm mt-5" onclick={() => (pasting = true)}>
      Paste a key{one ? ` from ${editing.store.number(one)} on` : ""}
    </button>
  {/if}
  {#if (step === "film" || step === "key" || step === "try") && several.length === 0 && (editing.store.fields.length > 0 || found.all.length > 0)}
    <div class="mt-6"><LookOver {editing} {found} /></div>
  {/if}
  {#if step !== "pages" && doubtful.length > 0}
    <div class="mt-5 heed">
      <p>The paper was replaced. What is printed about these has changed:</p>
      <ul class="mt-2 flex flex-wrap gap-2" aria-label="Boxes that need a look">
        {#each doubtful as field (field.id)}
          <li>
            <button class="btn btn-outline btn-sm" onclick={() => lookAtDoubtful(field)}
              >{editing.name(field)}</button
            >
          </li>
        {/each}
      </ul>
      <button class="btn btn-ghost btn-sm mt-2 -ms-3" onclick={() => (editing.toLookAt = [])}
        >All are right</button
      >
    </div>
  {/if}
  {#if step === "film" && several.length === 0}
    <BetterPages {paging} {drawing} pages={paging.all} />
  {/if}
  {#if step === "film" && several.length === 0 && (found.names.length > 0 || fillsNames(editing.document))}
    <label class="mt-5 flex items-start gap-2 text-sm">
      <input
        type="checkbox"
        class="toggle toggle-sm"
        checked={fillsNames(editing.document)}
        onchange={() => editing.do(fillNames(editing.document, found.names))}
      />Students find their names written where the page asks for them
    </label>
  {/if}
  {#if step === "film" && editing.pasteable && several.length === 0}
    <button class="btn btn-outline btn-sm mt-5" onclick={() => editing.paste()}>Paste what was copied</button>
  {/if}
  {#if step === "film" && several.length > 0}
    <div class="mt-5 flex flex-wrap gap-2">
      <button
        class="btn btn-outline btn-sm aria-pressed:btn-active"
        aria-pressed={editing.hand.gathering}
        onclick={() => editing.hand.gather()}>Take others too</button
      >
      <button class="btn btn-outline btn-sm" onclick={() => again("y")}>Lay again below</button>
      <button class="btn btn-outline btn-sm" onclick={() => again("x")}>Beside</button>
      <button class="btn btn-outline btn-sm" onclick={() => copyByButton(editing, false)}>Copy</button>
      <button class="btn btn-outline btn-sm" onclick={() => copyByButton(editing, true)}>Cut</button>
      <button
        class="btn btn-outline btn-sm btn-error"
        disabled={editing.inHand.every(isLocked)}
        onclick={() => editing.do(removeAll(editing.document, editing.hand.selected))}>Remove</button
      >
    </div>
  {/if}
</div>
{#if pasting}
  {@const close = () => (pasting = false)}
  <Later load={() => import("../key/PasteKey.svelte")} onclose={close}>
    {#snippet children({ default: PasteKey })}<PasteKey {editing} start={one?.id} onclose={close} />{/snippet}
  </Later>
{/if}
