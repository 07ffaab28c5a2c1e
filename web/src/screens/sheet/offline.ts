// Has the service worker keep what a sheet needs, so that it opens again without a network.

import { assets } from "../../api/begin";
import type { Copy, Prompt } from "../../api/student";
import type { Told } from "../../offline/worker";
import { address, LAPTOP } from "../../ui/pictures";

const WORKER = "/c/worker.js";

/** Milliseconds between tries, and how many there are: pages may still be drawn for some time. */
const APART = 5_000;
const TRIES = 60;

/** The pictures that are laid on pages, or moved there. */
const picturesIn = (laid: unknown): string[] =>
  [...JSON.stringify(laid).matchAll(/"picture":"([0-9a-f]{64})"/g)].map(([, sha256]) => sha256 ?? "");

/** The recordings of instructions, and the pictures and sounds of help that was asked for. */
const heardIn = (told: unknown): string[] =>
  [...JSON.stringify(told).matchAll(/"sound":"([0-9a-f]{64})"/g)].map(([, sha256]) => sha256 ?? "");

/** Everything that a sheet shows, wherever it is scrolled to. */
export function neededBy(copy: Copy, loaded: readonly string[]): string[] {
  const home = `/c/${copy.id}/`;
  const { pages, fixtures, prompts, instructions } = copy.sheet;
  return [
    ...assets(),
    ...loaded.filter((name) => name.startsWith("/static/") || name.startsWith(home)),
    ...pages.map((page) => address(`${home}pages/`, page, LAPTOP)),
    ...picturesIn([fixtures, prompts satisfies Prompt[], copy.help]).map(
      (sha256) => `${home}pictures/${sha256}/`,
    ),
    ...heardIn([instructions, prompts, copy.help]).map((sha256) => `${home}sounds/${sha256}/`),
    `${home}texts`,
  ];
}

/** What the page has loaded of this server. */
const loaded = (): string[] =>
  performance.getEntriesByType("resource").flatMap(({ name }) => {
    const { origin, pathname, search } = new URL(name);
    return origin === location.origin ? [pathname + search] : [];
  });

/** Keep a sheet on this device; told `true` once all of it is there. A browser that cannot do so goes without. */
export async function keepOffline(copy: Copy): Promise<boolean> {
  if (!("serviceWorker" in navigator) || !import.meta.env.PROD) return false;
  try {
    await navigator.serviceWorker.register(WORKER, { scope: "/c/", updateViaCache: "none" });
    for (let i = 0; i < TRIES; i++) {
      if (await tell({ tell: "keep", copy: copy.id, who: copy.name, addresses: neededBy(copy, loaded()) }))
        return true;
      await new Promise((resolve) => setTimeout(resolve, APART));
    }
  } catch {
    // private mode, a full device, a browser that forbids it
  }
  return false;
}

/** Have this device forget a sheet. */
export async function leaveOffline(copy: string): Promise<void> {
  if (await navigator.serviceWorker?.getRegistration("/c/")) await tell({ tell: "leave", copy });
}

async function tell(told: Told): Promise<boolean> {
  const { active } = await navigator.serviceWorker.ready;
  const { port1, port2 } = new MessageChannel();
  return new Promise((resolve) => {
    port1.onmessage = ({ data }: MessageEvent<boolean>) => resolve(data);
    active?.postMessage(told, [port2]);
  });
}
