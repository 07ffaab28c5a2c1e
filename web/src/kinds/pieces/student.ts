import type { StudentKind } from "../student";
import Answering from "./Answering.svelte";
import { pieceNamed, takeBack, together, type Laid } from "./board";
import { called } from "./in_hand.svelte";
import Strip from "./Strip.svelte";

export const pieces: StudentKind<"pieces"> = {
  label: "Pieces",
  clear: true,
  direct: true,
  isBlank: (answer, part) => !answer?.moves.some(({ laid: { slot } }) => (part ? slot === part : slot)),
  nothing: (piece) => takeBack(piece)[1],
  places: ({ page, box, slots }) => [
    { id: "", page, box },
    ...slots.map(({ id, page, box }) => ({ id, page, box })),
  ],
  together: (prompt, entries) => ({
    kind: "pieces",
    version: 1,
    moves: together(prompt.slots, entries as ReadonlyMap<string, Laid>).map(([piece, laid]) => ({
      piece,
      laid,
    })),
  }),
  setBack: (prompt, answer, page) => {
    const here = new Set(prompt.slots.flatMap((slot) => (slot.page === page ? [slot.id] : [])));
    return answer.moves.flatMap(({ piece, laid: { slot } }) => (here.has(slot) ? [takeBack(piece)] : []));
  },
  inWords: (answer, prompt) =>
    answer.moves
      .flatMap(({ piece: name, laid: { slot } }) => {
        const piece = slot ? pieceNamed(prompt.pieces, name) : undefined;
        return piece ? [called(piece)] : [];
      })
      .join(", "),
  Answering,
  Aid: Strip,
  aids: () => true,
};
