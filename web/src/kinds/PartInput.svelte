<script lang="ts">
  // In the dock: where the part in hand is typed, large enough for a thumb.
  import LIMITS from "../generated/limits.json";

  interface Props {
    label: string;
    text: string;
    readonly: boolean;
    onwrite: (text: string) => void;
  }
  let { label, text, readonly, onwrite }: Props = $props();
</script>

<input
  class="input w-full text-lg"
  aria-label={label}
  maxlength={LIMITS.written}
  value={text}
  {readonly}
  dir="auto"
  autocomplete="off"
  autocapitalize="off"
  spellcheck="false"
  oninput={(event) => onwrite(event.currentTarget.value)}
/>
