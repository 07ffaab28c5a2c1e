<script lang="ts">
  // Lines of writing in a box of film.
</script>

<svg viewBox="0 0 80 26" aria-hidden="true">
  <rect
    x="8"
    y="1.5"
    width="64"
    height="23"
    rx="2"
    fill="var(--film)"
    fill-opacity=".12"
    stroke="var(--film)"
    stroke-width="1.5"
  />
  <path d="M14 8h50M14 13.5h44M14 19h26" stroke="var(--film-ink)" stroke-width="2" />
</svg>
