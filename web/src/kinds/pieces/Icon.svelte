<script lang="ts">
  // A piece on its way into a slot.
</script>

<svg viewBox="0 0 80 26" aria-hidden="true">
  <rect
    x="40"
    y="5"
    width="32"
    height="16"
    rx="2"
    fill="none"
    stroke="var(--film)"
    stroke-width="1.6"
    stroke-dasharray="3 2.4"
  />
  <rect
    x="8"
    y="3"
    width="26"
    height="14"
    rx="2"
    fill="var(--sheet)"
    stroke="var(--film-ink)"
    stroke-width="1.8"
  />
  <path d="M13 10h16" stroke="currentColor" stroke-width="2" />
  <path d="M24 21h12m-4-3.5 4 3.5-4 3.5" fill="none" stroke="var(--film-ink)" stroke-width="1.6" />
</svg>
