<script lang="ts">
  // What is put on the paper where a student presses.
  import type { SignName } from "./signs";

  let { sign }: { sign: SignName } = $props();

  const PATHS = {
    tick: "M4 13l6 6L21 4",
    cross: "M4 4l16 16M20 4L4 20",
    ring: "M12 2a10 10 0 1 0 .01 0z",
  };
</script>

<svg class="absolute -inset-[12%] h-[124%] w-[124%]" viewBox="0 0 24 24" aria-hidden="true" data-sign={sign}>
  <path
    d={PATHS[sign]}
    fill="none"
    stroke="var(--field-ink, var(--film-ink))"
    stroke-width={sign === "ring" ? 2.4 : 3.4}
    vector-effect={sign === "ring" ? "non-scaling-stroke" : undefined}
  />
</svg>
