<script lang="ts">
  // Hills and the sun in a box of film.
</script>

<svg viewBox="0 0 80 26" aria-hidden="true">
  <rect x="20" y="1.5" width="40" height="23" rx="2" fill="none" stroke="var(--film)" stroke-width="1.5" />
  <circle cx="30" cy="8.5" r="3" fill="var(--film)" />
  <path d="M23 22l10-9 6 5 8-8 10 12z" fill="var(--film-ink)" />
</svg>
