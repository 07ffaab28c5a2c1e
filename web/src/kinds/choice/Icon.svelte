<script lang="ts">
  // Two letters, a ring of ink around one of them.
</script>

<svg viewBox="0 0 80 26" aria-hidden="true">
  <g fill="none" stroke="var(--film)" stroke-width="1.6">
    <rect x="12" y="5" width="16" height="16" rx="2" />
    <rect x="42" y="5" width="16" height="16" rx="2" />
    <circle cx="50" cy="13" r="11" stroke="var(--film-ink)" stroke-width="2.4" />
  </g>
  <g fill="var(--film-ink)" font-size="12" font-weight="700" text-anchor="middle">
    <text x="20" y="17.2">A</text>
    <text x="50" y="17.2">B</text>
  </g>
</svg>
