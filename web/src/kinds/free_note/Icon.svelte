<script lang="ts">
  // Two slips, one over the other.
</script>

<svg viewBox="0 0 80 26" aria-hidden="true">
  <rect
    x="22"
    y="3"
    width="26"
    height="15"
    rx="1.5"
    fill="none"
    stroke="currentColor"
    stroke-width="1.5"
    opacity=".5"
  />
  <path d="M34 8h24v15H34z" fill="var(--color-base-100)" stroke="var(--film)" stroke-width="1.5" />
  <path d="M38 13h16M38 18h10" stroke="var(--film)" stroke-width="1.5" />
</svg>
