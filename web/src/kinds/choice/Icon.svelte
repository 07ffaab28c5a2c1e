<script lang="ts">
  // Two letters, one of them picked.
</script>

<svg viewBox="0 0 80 26" aria-hidden="true">
  <circle cx="20" cy="13" r="10" fill="none" stroke="var(--film)" stroke-width="1.8" />
  <circle cx="50" cy="13" r="10.5" fill="var(--film)" />
  <text x="20" y="17.2" font-size="12" font-weight="700" text-anchor="middle" fill="var(--film)">A</text>
  <text x="50" y="17.2" font-size="12" font-weight="700" text-anchor="middle" fill="#fff">B</text>
</svg>
