<script lang="ts">
  // The points of the fields in hand together; what is typed is for those that were in hand.
  import type { Field } from "../../../api/teacher";
  import type { Editing } from "../state/editing.svelte";
  import PointsInput from "./PointsInput.svelte";
  import { changeFields } from "../../../worksheet/commands/fields";

  let { editing, fields }: { editing: Editing; fields: Field[] } = $props();

  // svelte-ignore state_referenced_locally
  const ids = fields.map(({ id }) => id);
  const alike = $derived(fields.every((field) => field.points === fields[0]?.points));

  function set(points: number) {
    const there = editing.store.fields.filter(({ id }) => ids.includes(id));
    const changed = changeFields(
      "Points changed",
      there.map((field) => ({ ...field, points })),
    );
    editing.do(changed && { ...changed, joins: `points ${ids.join()}` });
  }
</script>

<PointsInput points={alike ? (fields[0]?.points ?? 1) : null} onpoints={set} />
