<script lang="ts">
  // A piece as it looks: its words, its picture, or a sign that lets see what is under it.
  import { picturePlace } from "../../ui/picture_place";
  import { letterPoints, type Piece } from "./board";
  import { lettersWide, runs, said } from "./words";

  interface Props {
    piece: Piece;
    scale: number;
    /** The room that it has, in points; as large as it likes where there is none. */
    room?: { width: number; height: number } | undefined;
    turn?: number;
    size?: number;
    /** Whether what is around it says in words what it is. */
    silent?: boolean;
  }
  let { piece, scale, room, turn = 0, size = 1, silent = false }: Props = $props();

  const USUAL = { width: 200, height: 20 };
  const SIGN = { width: 36, height: 24 };
  const pictures = picturePlace();
  const isSign = $derived(!["tile", "bare"].includes(piece.look));
  const letters = $derived(letterPoints(lettersWide(piece.words), room ?? USUAL) * scale * size);
  /** Its own size in points, no larger than there is room. */
  const own = $derived.by(() => {
    const width = piece.width ?? (isSign ? SIGN.width : piece.picture ? 48 : undefined);
    const height = piece.height ?? (isSign ? SIGN.height : piece.picture ? 40 : undefined);
    if (!width || !height) return undefined;
    const fit = room && !isSign ? Math.min(1, (room.width / width) * 0.94, (room.height / height) * 0.94) : 1;
    return { width: width * fit * size * scale, height: height * fit * size * scale };
  });
</script>

{#snippet spelled(text: string)}{#if silent}<span class="before:content-[attr(data-text)]" data-text={text}
    ></span>{:else}{text}{/if}{/snippet}

<span
  class="piece {piece.look}"
  style:font-size="{letters}px"
  style:width={own && `${own.width}px`}
  style:height={own && `${own.height}px`}
  style:rotate={turn ? `${turn}deg` : undefined}
>
  {#if piece.picture}
    <img
      class="h-full w-full object-contain"
      src="{pictures}{piece.picture}/"
      alt={said(piece.words)}
      draggable="false"
    />
  {:else if isSign}
    <svg viewBox="0 0 36 24" preserveAspectRatio="none" class="h-full w-full" aria-hidden="true">
      {#if piece.look === "ring"}<ellipse cx="18" cy="12" rx="16.5" ry="10.5" />
      {:else if piece.look === "frame"}<rect x="1.5" y="1.5" width="33" height="21" />
      {:else if piece.look === "cross"}<path d="M3 2l30 20M33 2L3 22" />
      {:else}<path d="M2 21h32" />{/if}
    </svg>
  {:else}
    <!-- One line, without a break between its runs. Shown in attributes where what is around it says what it is. -->
    <span class="whitespace-pre" dir="auto"
      >{#each runs(piece.words) as { as, text, below }, i (i)}{#if as === "lowered"}<sub
            >{@render spelled(text)}</sub
          >{:else if as === "raised"}<sup>{@render spelled(text)}</sup>{:else if as === "fraction"}<span
            class="fraction"><span>{@render spelled(text)}</span><span>{@render spelled(below)}</span></span
          >{:else}{@render spelled(text)}{/if}{/each}</span
    >
  {/if}
</span>
