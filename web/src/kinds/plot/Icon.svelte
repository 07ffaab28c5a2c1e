<script lang="ts">
  // A number line with a point and an interval.
</script>

<svg viewBox="0 0 80 26" aria-hidden="true">
  <path
    d="M6 15h68M14 12v6M27 12v6M40 12v6M53 12v6M66 12v6"
    stroke="currentColor"
    stroke-width="1.5"
    opacity=".55"
  />
  <path d="M40 15h26" stroke="var(--film)" stroke-width="3" />
  <g stroke="var(--film)" stroke-width="1.8">
    <circle cx="20.5" cy="15" r="3.4" fill="var(--film)" />
    <circle cx="40" cy="15" r="3.4" fill="var(--film)" />
    <circle cx="66" cy="15" r="3.4" fill="var(--color-base-100)" />
  </g>
</svg>
