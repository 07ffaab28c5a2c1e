<script lang="ts" module>
  import type { Verdict } from "../api/teacher";

  // @wc-include
  const WORDS: Record<Verdict, string> = {
    right: "right",
    partly: "partly right",
    wrong: "not right",
    blank: "blank",
    teacher: "waiting for the teacher",
  };

  /** How many tries of an answer that was checked were not right before this one was. */
  export const triesBefore = ({ verdict, tries }: { verdict: Verdict; tries: number }): number =>
    verdict === "right" ? tries - 1 : 0;

  /** A verdict in words; `tries` counts the tries before that were not right. */
  export function inWords(verdict: Verdict, tries = 0): string {
    return verdict === "right" && tries > 0 ? /* @wc-include */ `right on try ${tries + 1}` : WORDS[verdict];
  }
</script>

<script lang="ts">
  // One of the six shapes. The shape says it; the colour only helps.
  interface Props {
    verdict: Verdict;
    tries?: number;
    label?: string;
    /** Whether words beside it say the same. */
    silent?: boolean;
  }
  let { verdict, tries = 0, label = "", silent = false }: Props = $props();

  const later = $derived(verdict === "right" && tries > 0);
</script>

<svg
  class="mark"
  class:later
  viewBox="0 0 {later ? 27 : 18} 18"
  {...silent ? { "aria-hidden": true } : { role: "img", "aria-label": label || inWords(verdict, tries) }}
>
  {#if later}
    <circle cx="9" cy="9" r="7.2" fill="var(--mark-ground)" stroke="var(--mark-ink)" stroke-width="2" />
    <path d="M5.2 9.2l2.8 2.8 4.8-5.6" stroke="var(--mark-ink)" stroke-width="1.8" fill="none" />
    <text x="22" y="16.5" font-size="10" font-weight="700" text-anchor="middle" fill="var(--mark-ink)">
      {tries + 1}
    </text>
  {:else if verdict === "right"}
    <circle cx="9" cy="9" r="8" fill="var(--mark-ink)" />
    <path d="M5 9.2l3 3 5-6" stroke="var(--mark-ground)" stroke-width="2" fill="none" />
  {:else if verdict === "partly"}
    <circle cx="9" cy="9" r="7.2" fill="var(--mark-ground)" stroke="var(--mark-ink)" stroke-width="1.8" />
    <path d="M9 1.8a7.2 7.2 0 0 0 0 14.4z" fill="var(--mark-rust)" />
  {:else if verdict === "wrong"}
    <path
      d="M9 1.5L16.5 9 9 16.5 1.5 9z"
      fill="var(--mark-ground)"
      stroke="var(--mark-rust)"
      stroke-width="2"
    />
  {:else if verdict === "blank"}
    <path d="M5 9h8" stroke="var(--mark-grey)" stroke-width="2" />
  {:else}
    <circle
      cx="9"
      cy="9"
      r="7"
      fill="none"
      stroke="var(--mark-grey)"
      stroke-width="2"
      stroke-dasharray="2 2.6"
    />
  {/if}
</svg>
