<script lang="ts">
  // The letter of an option as it is printed, and what is put over it once it is picked.
  import Sign from "../Sign.svelte";
  import type { SignName } from "../signs";

  interface Props {
    letter: string;
    picked: boolean;
    sign: SignName;
  }
  let { letter, picked, sign }: Props = $props();
</script>

<!-- In an attribute: whatever holds it says in words what it is. -->
<span
  class="relative grid size-[1.45em] flex-none place-items-center rounded-[2px] bg-(--film)/10 leading-none font-bold text-(--film-ink) outline-[1.5px] outline-(--film) before:content-[attr(data-text)]"
  data-text={letter}
  aria-hidden="true"
>
  {#if picked}<Sign {sign} />{/if}
</span>
