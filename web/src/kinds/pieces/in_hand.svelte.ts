// The piece in hand, one in a window: picked up by a press, a key or a drag, until it is put down.

import { tick } from "svelte";
import { drag, scrollerOf } from "../../canvas/drag";
import { Viewport } from "../../canvas/viewport";
import { announce } from "../../ui/Announcer.svelte";
import { holds, laidAt, put, takeBack, type Board, type Piece, type Slot } from "./board";
import { said } from "./words";

/** CSS pixels that a piece is shown above the finger that drags it. */
const ABOVE_FINGER = 44;

interface Held {
  name: string;
  piece: Piece;
  /** What is there now: boards are made anew with every move. */
  board: () => Board;
  /** What a slot is called. */
  nameOf: (slot: Slot) => string;
}

class PiecesInHand {
  held: Held | undefined = $state.raw();
  /** Where the piece is dragged, in CSS pixels of the window. */
  dragged: { x: number; y: number; width: number; height: number } | undefined = $state.raw();
  /** The slot that a dragged piece is over. */
  over: string | undefined = $state();
  private wasDragged = false;

  holdsOf(set: string): Held | undefined {
    return this.held?.board().set === set ? this.held : undefined;
  }

  pick(held: Held): void {
    this.held = held;
    announce(`${called(held.piece)} is in hand. Choose a place for it.`);
  }

  letGo(): void {
    if (this.held) announce(`${called(this.held.piece)} stays where it was.`);
    this.clear();
  }

  /** A piece is pressed: it is picked up, let go again, or takes what is in hand before it. */
  press(pressed: Held): void {
    if (this.wasDragged) {
      this.wasDragged = false; // the click that ends a drag
      return;
    }
    const board = pressed.board();
    const held = this.holdsOf(board.set);
    const at = board.slots.find(({ id }) => id === laidAt(board, pressed.name).slot);
    if (held?.name === pressed.name) this.letGo();
    else if (held && at) this.putInto(at, { before: pressed.name });
    else this.pick(pressed);
  }

  putInto(slot: Slot, where: Parameters<typeof put>[3] = {}): void {
    const { held } = this;
    if (!held) return;
    const board = held.board();
    board.change(put(board, held.name, slot, where));
    announce(`${called(held.piece)} put into ${held.nameOf(slot)}.`);
    this.clear();
    void tick().then(() => focusNext(board.set, held.name));
  }

  putBack(held: Held): void {
    held.board().change([takeBack(held.name)]);
    announce(`${called(held.piece)} put back.`);
    this.clear();
  }

  /** Follow a press on a piece: moved, it is dragged, and a click is none any more. */
  follow(event: PointerEvent, held: Held): void {
    if (event.button !== 0) return;
    const pressed = event.currentTarget as HTMLElement;
    const paper = document.querySelector(".paper");
    const { width, height } = pressed.getBoundingClientRect();
    const window_ = new Viewport(
      () => document.documentElement,
      { width: innerWidth, height: innerHeight },
      1,
    );
    const raised = event.pointerType === "touch" ? ABOVE_FINGER : 0;
    this.wasDragged = false;
    let last = { x: event.clientX, y: event.clientY };
    const set = held.board().set;
    drag(
      event,
      window_,
      {
        move: (at) => {
          if (this.held !== held) this.held = held;
          last = at;
          this.dragged = { x: at.x, y: at.y - raised, width, height };
          this.over = slotUnder(set, held.board().slots, at)?.slot.id;
        },
        end: (dragged) => {
          this.wasDragged = dragged;
          if (dragged) this.drop(held, last);
        },
        cancel: () => this.clear(),
        takes: (at) => slotUnder(set, held.board().slots, at)?.element ?? trayUnder(set, at),
      },
      pressed,
      paper instanceof HTMLElement ? scrollerOf(paper) : null,
    );
  }

  private drop(held: Held, at: { x: number; y: number }): void {
    const board = held.board();
    const found = slotUnder(board.set, board.slots, at);
    this.held = held;
    if (found) this.putInto(found.slot, found);
    else if (trayUnder(board.set, at) || held.piece.copies !== 1) this.putBack(held);
    else this.letGo();
  }

  private clear(): void {
    this.held = undefined;
    this.dragged = undefined;
    this.over = undefined;
  }
}

export const inHand = new PiecesInHand();

/** What a piece is called. */
export const called = ({ words, look }: Piece): string => said(words) || look;

/** Where a piece would be put that is let go at a point of the window. */
function slotUnder(set: string, slots: readonly Slot[], { x, y }: { x: number; y: number }) {
  const under = document
    .elementsFromPoint(x, y)
    .filter((element): element is HTMLElement => element instanceof HTMLElement);
  const before = under.find(({ dataset }) => dataset["piece"] && dataset["set"] === set)?.dataset["piece"];
  const papers = under.filter((element) => element.matches(".paper"));
  // A large slot lets presses through to what it lies over, so that the browser does not name it.
  return papers
    .flatMap((paper) => [...paper.querySelectorAll<HTMLElement>(`[data-set="${set}"][data-slot]`)])
    .flatMap((element) => {
      const slot = slots.find(({ id }) => element.dataset["slot"] === id);
      if (!slot) return [];
      const { left, top, width, height } = element.getBoundingClientRect();
      const at = { x: (x - left) / width, y: (y - top) / height };
      return holds(slot, slots, at)
        ? [{ slot, element, at, ...(before ? { before } : {}), area: width * height }]
        : [];
    })
    .sort((a, b) => Number(!a.slot.overlap) - Number(!b.slot.overlap) || a.area - b.area)[0];
}

/** Where the pieces of a set wait, at a point of the window. */
function trayUnder(set: string, { x, y }: { x: number; y: number }): Element | undefined {
  const trays = document.elementsFromPoint(x, y).map((element) => element.closest(`[data-tray="${set}"]`));
  return trays.find((tray) => tray !== null) ?? undefined;
}

/** After a piece was put down by a key or a press: the next one that waits, or the piece itself. */
function focusNext(set: string, name: string): void {
  const lost = document.activeElement === document.body || document.activeElement?.matches("[data-put]");
  const focused = document.activeElement?.getAttribute("data-piece") === name;
  if (!lost && !focused && document.activeElement !== null) return;
  const next =
    document.querySelector<HTMLElement>(`[data-tray="${set}"] [data-piece]`) ??
    document.querySelector<HTMLElement>(`[data-set="${set}"][data-piece="${name}"]`);
  next?.focus({ preventScroll: true });
}
