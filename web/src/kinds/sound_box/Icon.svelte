<script lang="ts">
  // A sound's wave in a box of film.
</script>

<svg viewBox="0 0 80 26" aria-hidden="true">
  <rect x="8" y="3" width="64" height="20" rx="10" fill="none" stroke="var(--film)" stroke-width="1.5" />
  <path
    d="M20 13v0M26 10v6M32 7v12M38 11v4M44 6v14M50 9v8M56 11v4M62 13v0"
    stroke="var(--film-ink)"
    stroke-width="2.2"
    stroke-linecap="round"
  />
</svg>
