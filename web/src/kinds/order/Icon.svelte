<script lang="ts">
  // Printed lines, numbered.
</script>

<svg viewBox="0 0 80 26" aria-hidden="true">
  <path d="M30 6h38M30 20h30" stroke="currentColor" stroke-width="2" opacity=".5" />
  <g fill="none" stroke="var(--film)" stroke-width="1.5">
    <rect x="12" y="1" width="11" height="11" rx="1.5" /><rect
      x="12"
      y="14"
      width="11"
      height="11"
      rx="1.5"
    />
  </g>
  <g fill="var(--film-ink)" font-size="9" font-weight="700" text-anchor="middle">
    <text x="17.5" y="9.8">2</text>
    <text x="17.5" y="22.8">1</text>
  </g>
</svg>
