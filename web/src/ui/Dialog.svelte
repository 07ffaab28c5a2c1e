<script lang="ts">
  // A dialog above all else. When it goes, the focus is back where it was; what is announced is heard in it; and Escape asks
  // first when something would be lost.
  import { tick, type Snippet } from "svelte";
  import { on } from "svelte/events";
  import Announcer from "./Announcer.svelte";

  interface Props {
    title: string;
    class?: string;
    /** What would be lost if the dialog were left now, in words. */
    unsaved?: string;
    /** Leave: the screen takes the dialog away. */
    onclose: () => void;
    /** Stands beside the title. */
    beside?: Snippet;
    children: Snippet;
  }
  let { title, class: own = "", unsaved = "", onclose, beside, children }: Props = $props();

  const id = $props.id();
  let asking = $state(false);
  let stay = $state<HTMLButtonElement>();
  let focused: Element | null = null;

  function show(dialog: HTMLDialogElement) {
    const before = document.activeElement;
    dialog.showModal();
    const off = [
      on(dialog, "keydown", onKey),
      // Another way out of a dialog than Escape: the back gesture of a phone. Choosing no file bubbles up here too.
      on(dialog, "cancel", (event) => {
        if (event.target !== dialog) return;
        event.preventDefault();
        leave();
      }),
    ];
    return () => {
      for (const end of off) end();
      // A dialog that is taken away while it is open leaves the focus nowhere.
      if (before instanceof HTMLElement) void tick().then(() => nowhere() && before.focus());
    };
  }

  const nowhere = () => document.activeElement === null || document.activeElement === document.body;

  function onKey(event: KeyboardEvent) {
    if (event.key !== "Escape" || event.defaultPrevented) return;
    event.preventDefault();
    event.stopPropagation();
    if (asking) goOn();
    else leave();
  }

  function leave() {
    if (!unsaved) return onclose();
    focused = document.activeElement;
    asking = true;
    void tick().then(() => stay?.focus());
  }

  function goOn() {
    asking = false;
    if (focused instanceof HTMLElement) focused.focus();
  }
</script>

<dialog class="card-paper dialog {own}" aria-labelledby={id} {@attach show}>
  <header class="flex flex-wrap items-end justify-between gap-x-4 gap-y-2 px-6 pt-5">
    <h2 {id} class="text-xl">{title}</h2>
    {@render beside?.()}
  </header>
  <div class="min-h-0 overflow-y-auto px-6 pt-1 pb-5">{@render children()}</div>
  {#if asking}
    <div class="flex flex-wrap items-center gap-3 border-t border-(--line) px-6 py-3">
      <p class="flex-1 font-semibold" role="alert">{unsaved}</p>
      <button class="btn btn-primary" bind:this={stay} onclick={goOn}>Go on here</button>
      <button class="btn btn-outline" onclick={onclose}>Leave all the same</button>
    </div>
  {/if}
  <Announcer />
</dialog>
