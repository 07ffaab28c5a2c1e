<script lang="ts">
  // A printed word with a tick beside it.
</script>

<svg viewBox="0 0 80 26" aria-hidden="true">
  <rect x="4" y="5" width="16" height="16" rx="2" fill="none" stroke="var(--film)" stroke-width="1.8" />
  <path d="M7 13l4 4 10-13" fill="none" stroke="var(--film-ink)" stroke-width="2.6" />
  <path d="M30 9h40M30 16h28" stroke="currentColor" stroke-width="1.8" opacity=".5" />
</svg>
