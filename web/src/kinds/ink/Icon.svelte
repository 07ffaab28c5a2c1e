<script lang="ts">
  // A stroke of a pen in an area of film.
</script>

<svg viewBox="0 0 80 26" aria-hidden="true">
  <rect
    x="8"
    y="1.5"
    width="64"
    height="23"
    rx="2"
    fill="none"
    stroke="var(--film)"
    stroke-width="1.5"
    stroke-dasharray="3 2"
  />
  <path
    d="M14 17c5-12 9-12 11-2s6 6 10-3 8 2 11 5 8-2 18-9"
    fill="none"
    stroke="var(--film-ink)"
    stroke-width="2.2"
    stroke-linecap="round"
  />
</svg>
