<script lang="ts">
  // Two dots on either side, joined.
</script>

<svg viewBox="0 0 80 26" aria-hidden="true">
  <path d="M22 6L58 20M22 20L58 6" stroke="var(--film)" stroke-width="1.8" />
  <g fill="var(--film-ink)">
    <circle cx="20" cy="6" r="3.4" /><circle cx="20" cy="20" r="3.4" />
    <circle cx="60" cy="6" r="3.4" /><circle cx="60" cy="20" r="3.4" />
  </g>
</svg>
