<script lang="ts">
  import { stepOf } from "../../canvas/keys";
  import CountInput from "../../ui/CountInput.svelte";
  import RadioGroup from "../../ui/RadioGroup.svelte";
  import type { SettingsProps } from "../teacher";
  import { asGrid, knownOf, withPlace, withValue } from "./known";

  let { field, onchange, onboth }: SettingsProps<"plot"> = $props();

  type Plot = typeof field;
  const id = $props.id();
  const STEPS = { small: 1, large: 10 };
  const LARGEST = 1_000_000_000;
  const SCALES = [
    [false, "Number line"],
    [true, "Grid"],
  ] as const;
  const NAMES = { first: "First known place", across: "Second, across", up: "Second, up" } as const;
  const asked = $derived(
    field.up
      ? ([
          ["points", "Points"],
          ["line", "A line"],
        ] as const)
      : ([
          ["points", "Points"],
          ["intervals", "Intervals"],
        ] as const),
  );
  const TOGGLES = $derived([
    ...(field.asked === "points" && field.most > 1
      ? ([["lettered", "Points told apart: A, B, C"]] as const)
      : []),
    ...(field.most > 1 || field.asked === "intervals" ? ([["part_marks", "Part marks"]] as const) : []),
    ["read_out", "Students see the values"] as const,
  ]);

  const set = (changed: Partial<Plot>) => onchange((field) => ({ ...field, ...changed }));

  /** What was right for another question is right no more. */
  function ask(change: (field: Plot) => Plot) {
    if (onboth)
      onboth((before, key) => {
        const now = change(before);
        return [now, now.asked === before.asked && !now.up === !before.up ? (key ?? null) : null];
      });
    else onchange(change);
  }

  function onKey(event: KeyboardEvent, name: "first" | "across" | "up", at: { x: number; y: number }) {
    const by = event.altKey ? undefined : stepOf(event, STEPS);
    if (!by) return;
    event.preventDefault();
    event.stopPropagation();
    const { width, height } = field.box;
    onchange((field) => withPlace(field, name, { x: at.x + by.x / width, y: at.y + by.y / height }));
  }
</script>

<RadioGroup
  label="The scale is"
  options={SCALES}
  value={Boolean(field.up)}
  onchange={(grid) => ask((field) => asGrid(field, grid))}
/>
<div>
  <p class="field-label">Known places</p>
  <p class="quiet text-sm">
    Drag each ring to where its value is printed. The small crosses show all other steps.
  </p>
  {#each knownOf(field) as place (place.name)}
    <div class="mt-2 flex flex-wrap items-center gap-1.5" role="group" aria-label={NAMES[place.name]}>
      <button
        class="btn btn-ghost btn-xs w-8"
        aria-label="Move it with the arrow keys"
        onkeydown={(event) => onKey(event, place.name, place)}
        ><span class="size-3 rounded-full border-2 border-(--film)"></span></button
      >
      {#each [["across", place.across], ["up", place.up]] as const as [axis, value] (axis)}
        {#if value !== undefined}
          <label class="flex items-center gap-1 text-sm"
            >{axis === "across" ? (field.up ? "across" : "value") : "up"}
            <CountInput
              class="input input-sm w-20 tabular-nums"
              {value}
              min={-LARGEST}
              max={LARGEST}
              step="any"
              onvalue={(value) =>
                onchange((field) => withValue(field, axis, place.name === "first" ? "first" : "last", value))}
            />
          </label>
        {/if}
      {/each}
    </div>
  {/each}
</div>
<div class="flex gap-4">
  {#each [["across", field.across], ["up", field.up]] as const as [axis, scale] (axis)}
    {#if scale}
      <div>
        <label class="field-label" for="{id}-{axis}"
          >{field.up ? (axis === "across" ? "A step across" : "A step up") : "A step"}</label
        >
        <CountInput
          id="{id}-{axis}"
          value={scale.step}
          min={0.000001}
          max={LARGEST}
          step="any"
          onvalue={(step) =>
            onchange((field) => (field[axis] ? { ...field, [axis]: { ...field[axis], step } } : field))}
        />
      </div>
    {/if}
  {/each}
</div>
<RadioGroup
  label="Students set"
  options={asked}
  value={field.asked}
  onchange={(asked) => ask((field) => ({ ...field, asked }))}
/>
{#if field.asked !== "line"}
  <div>
    <label class="field-label" for="{id}-most">At most</label>
    <CountInput id="{id}-most" value={field.most} min={1} max={12} onvalue={(most) => set({ most })} />
  </div>
{/if}
{#each TOGGLES as [name, label] (name)}
  <label class="flex items-center gap-2 text-sm">
    <input
      type="checkbox"
      class="toggle toggle-secondary toggle-sm"
      checked={field[name]}
      onchange={(event) => set({ [name]: event.currentTarget.checked })}
    />
    {label}
  </label>
{/each}
