<script lang="ts" generics="Value extends string | number | boolean | null">
  // One of a few, side by side: arrow keys go through them, as in every group of radio buttons.
  import type { Snippet } from "svelte";

  interface Props {
    label: string;
    options: readonly (readonly [Value, string])[];
    value: Value;
    onchange: (value: Value) => void;
    /** How one that may be picked looks; as a button with its name where nothing is said. */
    option?: Snippet<[value: Value, label: string]>;
    class?: string;
    /** Stands after them, in the same row. */
    after?: Snippet;
  }
  let { label, options, value, onchange, option, class: own = "join w-full", after }: Props = $props();

  const id = $props.id();
</script>

<fieldset>
  <legend class="field-label">{label}</legend>
  <div class={own}>
    {#each options as [each, name] (each)}
      <label class={option ? "pick" : "pick btn join-item btn-sm min-w-9 flex-1 px-2"} title={option && name}>
        <input
          type="radio"
          class="sr-only"
          name={id}
          checked={value === each}
          aria-label={option && name}
          onchange={() => onchange(each)}
        />
        {#if option}{@render option(each, name)}{:else}{name}{/if}
      </label>
    {/each}
    {@render after?.()}
  </div>
</fieldset>
