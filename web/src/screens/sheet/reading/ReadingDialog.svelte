<script lang="ts">
  // How the sheet is read best, and who uses this device.
  import Dialog from "../../../ui/Dialog.svelte";
  import RadioGroup from "../../../ui/RadioGroup.svelte";
  import type { Working } from "../working.svelte";
  import Leave from "./Leave.svelte";
  import { LETTERS, type ReadingSettings } from "./reading.svelte";

  interface Props {
    reading: ReadingSettings;
    working: Working;
    onclose: () => void;
  }
  let { reading, working, onclose }: Props = $props();

  const SIZES = LETTERS.map((letters) => [letters, `${letters * 100} %`] as const);
  const LIGHTS = [
    ["device", "As this device"],
    ["day", "Day"],
    ["dusk", "Dusk"],
  ] as const;
  const SHOWS = [
    ["page", "The page"],
    ["question", "One question at a time"],
  ] as const;
  const SWITCHES = [
    ["spacing", "More room between letters and lines"],
    ["contrast", "Stronger contrast"],
    ["ruler", "A reading ruler"],
  ] as const;
</script>

<Dialog title="Reading" class="w-[min(30rem,calc(100vw-1rem))]" {onclose}>
  <div class="space-y-4">
    <p class="quiet text-sm">This stays on this device, for you.</p>
    <RadioGroup
      label="Letters of answers"
      options={SIZES}
      value={reading.now.letters}
      onchange={(letters) => reading.set({ letters })}
    />
    <RadioGroup
      label="Light"
      options={LIGHTS}
      value={reading.now.light}
      onchange={(light) => reading.set({ light })}
    />
    <RadioGroup
      label="A small screen shows"
      options={SHOWS}
      value={reading.now.shows}
      onchange={(shows) => reading.set({ shows })}
    />
    {#each SWITCHES as [name, label] (name)}
      <label class="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          class="toggle toggle-secondary"
          checked={reading.now[name]}
          onchange={(event) => reading.set({ [name]: event.currentTarget.checked })}
        />
        {label}
      </label>
    {/each}
    <hr class="border-(--hairline)" />
    <Leave {working} />
    <div class="flex justify-end"><button class="btn btn-primary h-11" onclick={onclose}>Close</button></div>
  </div>
</Dialog>
