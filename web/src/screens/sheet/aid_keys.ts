import type { Attachment } from "svelte/attachments";
import { on } from "svelte/events";

const STOPS = "a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea";

const stopsOf = (within: ParentNode) => [...within.querySelectorAll<HTMLElement>(STOPS)];

/**
 * Lets Tab lead from an answer through its aid, and on behind the answer, as if the aid stood beside it and not elsewhere on
 * the screen. Escape goes back to the answer.
 */
export const tabThrough =
  (answering: HTMLElement): Attachment<HTMLElement> =>
  (aid) => {
    const last = () => stopsOf(answering).at(-1);

    function go(event: KeyboardEvent, to: HTMLElement | undefined) {
      if (!to) return;
      event.preventDefault();
      to.focus();
    }

    function inAnswer(event: KeyboardEvent) {
      if (event.key === "Tab" && !event.shiftKey && event.target === last()) go(event, stopsOf(aid)[0]);
    }

    function inAid(event: KeyboardEvent) {
      const stops = stopsOf(aid);
      if (event.key === "Escape") {
        go(event, last());
      } else if (event.key === "Tab" && event.shiftKey) {
        if (event.target === stops[0]) go(event, last());
      } else if (event.key === "Tab" && event.target === stops.at(-1)) {
        const others = stopsOf(document).filter((stop) => !aid.contains(stop));
        go(event, others[others.findIndex((stop) => stop === last()) + 1]);
      }
    }

    const off = [on(answering, "keydown", inAnswer), on(aid, "keydown", inAid)];
    return () => {
      for (const end of off) end();
    };
  };
