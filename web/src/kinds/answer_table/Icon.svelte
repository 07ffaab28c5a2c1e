<script lang="ts">
  // A grid, with some cells of film.
</script>

<svg viewBox="0 0 80 26" aria-hidden="true">
  <path d="M12 9.5h56M12 17h56M30 2v22M49 2v22" stroke="currentColor" stroke-width="1.5" opacity=".5" />
  <rect
    x="12"
    y="2"
    width="56"
    height="22"
    fill="none"
    stroke="currentColor"
    stroke-width="1.5"
    opacity=".5"
  />
  <g fill="var(--film)" fill-opacity=".35" stroke="var(--film)" stroke-width="1.2">
    <rect x="30" y="9.5" width="19" height="7.5" /><rect x="49" y="17" width="19" height="7" />
  </g>
</svg>
