<script lang="ts">
  // Lines of print, with two gaps of film.
</script>

<svg viewBox="0 0 80 26" aria-hidden="true">
  <path d="M8 6h20M56 6h16M8 20h10M44 20h28" stroke="currentColor" stroke-width="2" opacity=".5" />
  <g fill="none" stroke="var(--film)" stroke-width="1.5">
    <rect x="32" y="1" width="20" height="10" rx="1.5" /><rect
      x="22"
      y="15"
      width="18"
      height="10"
      rx="1.5"
    />
  </g>
</svg>
