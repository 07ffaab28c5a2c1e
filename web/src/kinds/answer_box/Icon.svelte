<script lang="ts">
  // A box with a cursor in it.
</script>

<svg viewBox="0 0 80 26" aria-hidden="true">
  <rect
    x="2"
    y="5"
    width="76"
    height="16"
    rx="2"
    fill="var(--film)"
    fill-opacity=".14"
    stroke="var(--film)"
    stroke-width="1.6"
  />
  <path d="M8 9v8" stroke="currentColor" stroke-width="1.6" />
</svg>
