<script lang="ts">
  // What stands above a teacher's own pages: where they are, and where else they can go.
  import type { Snippet } from "svelte";
  import Logo from "../ui/Logo.svelte";

  interface Props {
    here: "worksheets" | "classes";
    email: string;
    onsignout?: () => void;
    children?: Snippet;
  }
  let { here, email, onsignout, children }: Props = $props();
</script>

<header class="flex flex-wrap items-center gap-x-5 gap-y-2 px-5 py-3">
  <Logo />
  <span class="font-serif text-lg font-semibold">Velum</span>
  <nav aria-label="Your pages" class="flex gap-4">
    <a
      class="py-1 font-semibold {here === 'worksheets'
        ? 'border-b-2 border-accent'
        : 'quiet hover:underline'}"
      href="/desk/"
      aria-current={here === "worksheets" ? "page" : undefined}>Worksheets</a
    >
    <a
      class="py-1 font-semibold {here === 'classes' ? 'border-b-2 border-accent' : 'quiet hover:underline'}"
      href="/classes/"
      aria-current={here === "classes" ? "page" : undefined}>Classes</a
    >
  </nav>
  {@render children?.()}
  <a class="quiet ms-auto text-sm hover:underline" href="/accounts/email/" title="Your account">{email}</a>
  <a class="btn btn-ghost btn-sm" href="/accounts/logout/" onclick={onsignout}>Sign out</a>
</header>
