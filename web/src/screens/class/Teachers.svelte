<script lang="ts">
  // Who teaches a class, and asking a colleague to.
  import { announce } from "../../ui/Announcer.svelte";
  import Folded from "../../ui/Folded.svelte";
  import type { OneClass } from "./class.svelte";

  let { one }: { one: OneClass } = $props();

  const ROLES: Record<string, string> = {
    owns: /* @wc-include */ "owns it",
    marks: /* @wc-include */ "marks",
    looks: /* @wc-include */ "looks on",
  };
  let email = $state("");
  let role = $state<"marks" | "looks">("marks");

  async function invite(event: SubmitEvent) {
    event.preventDefault();
    if (await one.invite(email, role)) {
      announce(`${email} was asked by mail.`);
      email = "";
    }
  }
</script>

<h2 class="mt-6 text-lg">Teachers</h2>
<ul class="mt-1 space-y-1 text-sm">
  {#each one.value.teachers as each (each.email)}
    <li class="flex flex-wrap items-center gap-x-2">
      <span class="break-all">{each.email}</span>
      <span class="quiet"
        >{#if each.invited}was asked{:else}{ROLES[each.role]}{/if}</span
      >
      {#if one.owns && each.role !== "owns"}
        <button
          class="btn btn-ghost btn-xs ms-auto"
          aria-label="Take off {each.email}"
          disabled={one.busy}
          onclick={() => one.withdraw(each.email)}>Take off</button
        >
      {/if}
    </li>
  {/each}
</ul>
{#if one.owns}
  <div class="mt-2">
    <Folded title="Ask a colleague">
      <form class="space-y-2" onsubmit={invite}>
        <label class="block">
          <span class="field-label">Their e-mail address</span>
          <input class="input w-full" type="email" required maxlength="254" bind:value={email} />
        </label>
        <label class="block">
          <span class="field-label">What they may do</span>
          <select class="input w-full" bind:value={role}>
            <option value="marks">See and mark, as I do</option>
            <option value="looks">Only look</option>
          </select>
        </label>
        <button class="btn btn-outline btn-sm w-full" disabled={one.busy}>Send the invitation</button>
      </form>
    </Folded>
  </div>
{/if}
