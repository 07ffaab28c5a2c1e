<script lang="ts">
  // A page of the sheet with the student's film above it; or, while the question in hand alone is shown, a part of it.
  import type { Copy, Prompt } from "../../api/student";
  import type { Box } from "../../canvas/box";
  import type { Ink } from "../../canvas/ink";
  import { lettersOnScreen, tabPlaces } from "../../canvas/tab_place";
  import Laid from "../../fixtures/Laid.svelte";
  import { kindsOn } from "../../kinds/layers";
  import { kindOf, numbersAt, placesOf, type Place } from "../../kinds/student";
  import PagePaper from "../../ui/PagePaper.svelte";
  import AnswerPlace from "./AnswerPlace.svelte";
  import type { Listening } from "./listening/listening.svelte";
  import type { Working } from "./working.svelte";

  interface Props {
    working: Working;
    page: Copy["sheet"]["pages"][number];
    /** Which of the pages it is, counted from 0. */
    at: number;
    scale: number;
    docked: boolean;
    /** What is shown of it, in points; nothing: all of it. */
    part: Box | undefined;
    /** Whether its fields are not laid yet. */
    bare: boolean;
    listening: Listening;
    /** A question of it was taken in hand. */
    onpick: () => void;
  }
  let { working, page, at, scale, docked, part, bare, listening, onpick }: Props = $props();

  const nameOf = (prompt: Prompt, place: Place) => `${prompt.id}/${place.id}`;

  /** Where the numbers of the questions stand. */
  function tabsOf(ink: Ink | undefined) {
    const fields = working.prompts.flatMap((prompt) =>
      placesOf(prompt)
        .filter((place) => place.page === page.id)
        .map((place) => ({
          id: nameOf(prompt, place),
          box: place.box,
          number: numbersAt(prompt, place),
          clear: kindOf(prompt).clear ?? false,
        })),
    );
    const lying = working.copy.sheet.fixtures.flatMap(({ page: on, box }) => (on === page.id ? [box] : []));
    return tabPlaces(fields, { page, scale, letters: lettersOnScreen(), ink, lying });
  }
</script>

{#snippet whole()}
  <PagePaper
    {page}
    pictures="/c/{working.copy.id}/pages/"
    {scale}
    alt="Page {at + 1} of {working.copy.sheet.pages.length}"
    text={listening.texts?.pages[at]?.text}
    lazy={at > 0}
  >
    {#snippet children(ink)}
      {@const asked = bare ? [] : working.prompts}
      {@const tabs = tabsOf(ink)}
      <Laid
        fixtures={working.copy.sheet.fixtures}
        page={page.id}
        {scale}
        pictures="/c/{working.copy.id}/pictures/"
      />
      {#each asked as prompt (prompt.id)}
        {#each placesOf(prompt) as place (place.id)}
          {#if place.page === page.id}
            <AnswerPlace
              {working}
              {prompt}
              {place}
              {scale}
              tab={tabs.get(nameOf(prompt, place))}
              {docked}
              {onpick}
            />
          {/if}
        {/each}
      {/each}
      {#each kindsOn(page, asked, placesOf, kindOf) as [kind, prompts] (kind)}
        {@const Layer = kind.Layer}
        {#if Layer}<div class="pointer-events-none absolute inset-0 z-2">
            <Layer
              {page}
              {scale}
              {prompts}
              {docked}
              readonly={working.readonly}
              onanswer={(prompt, answer) => working.answer(prompt, answer)}
              onentry={(prompt, name, entry) => working.change(prompt, name, entry)}
            />
          </div>{/if}
      {/each}
      {#if listening.page === at}
        {#await import("./listening/Regions.svelte") then { default: Regions }}
          <Regions {listening} page={at} {scale} />
        {/await}
      {/if}
    {/snippet}
  </PagePaper>
{/snippet}

{#if part}
  <div
    class="overflow-clip rounded-lg shadow-md"
    style:width="{part.width * scale}px"
    style:height="{part.height * scale}px"
  >
    <div style:translate="{-part.x * scale}px {-part.y * scale}px">{@render whole()}</div>
  </div>
{:else}
  {@render whole()}
{/if}
