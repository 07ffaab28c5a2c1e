<script lang="ts">
  let { href = "/desk/", label = "Your desk" }: { href?: string; label?: string } = $props();
</script>

<a {href} aria-label={label} title={label} class="rounded p-1">
  <img src="/static/icon.svg" alt="" width="30" height="30" class="min-w-[30px]" />
</a>
