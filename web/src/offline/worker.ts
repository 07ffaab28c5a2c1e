// The service worker of students' sheets: a sheet that was opened once opens again without a network, with its pages, its pictures
// and its scripts. What students write is none of its business: that waits in IndexedDB (saving/device.ts).
//
// Each sheet has a cache of its own, which knows whose it is. It is gone when the sheet is left or the server does not know this
// device any more, and when somebody else opens a sheet on this device.
//
// This file imports nothing, so that it is one script for every browser.

interface ExtendableEvent extends Event {
  waitUntil(work: Promise<unknown>): void;
}
interface FetchEvent extends ExtendableEvent {
  readonly request: Request;
  respondWith(response: Promise<Response>): void;
}
interface MessageEventOfWorker extends ExtendableEvent {
  readonly data: Told;
  readonly ports: readonly MessagePort[];
}
interface Worker {
  skipWaiting(): Promise<void>;
  clients: { claim(): Promise<void> };
  addEventListener(name: "install" | "activate", then: (event: ExtendableEvent) => void): void;
  addEventListener(name: "fetch", then: (event: FetchEvent) => void): void;
  addEventListener(name: "message", then: (event: MessageEventOfWorker) => void): void;
}

/** What a sheet tells: what it needs, and whose it is; or that it is left. */
export type Told =
  { tell: "keep"; copy: string; who: string; addresses: readonly string[] } | { tell: "leave"; copy: string };

const worker = self as unknown as Worker;
const PREFIX = "velum:sheet:";
const SHEET = /^\/c\/([0-9a-f-]{36})\/$/;
const OF_SHEET = /^\/c\/([0-9a-f-]{36})\/(?:pages|pictures|sounds|files)\//;
const TEXTS = /^\/c\/([0-9a-f-]{36})\/texts$/;
/** Milliseconds that a network may take to answer before the sheet is shown as it is kept. */
const PATIENCE = 6_000;

const open = (copy: string) => caches.open(PREFIX + copy);
const forget = (copy: string) => caches.delete(PREFIX + copy);
const homeOf = (copy: string) => `/c/${copy}/`;
/** Where a cache keeps whose it is: no address of the server's. */
const whoOf = (copy: string) => `/c/${copy}/whose`;

/** The address of a picture, however often it was asked for. */
function named(address: string): string {
  const url = new URL(address, location.origin);
  url.searchParams.delete("again");
  return url.pathname + url.search;
}

worker.addEventListener("install", (event) => event.waitUntil(worker.skipWaiting()));
worker.addEventListener("activate", (event) => event.waitUntil(worker.clients.claim()));

worker.addEventListener("fetch", (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== "GET" || origin !== location.origin) return;
  const sheet = SHEET.exec(pathname)?.[1];
  const part = OF_SHEET.exec(pathname)?.[1];
  const texts = TEXTS.exec(pathname)?.[1];
  if (sheet && request.mode === "navigate") event.respondWith(fresh(sheet, homeOf(sheet), request, event));
  else if (texts) event.respondWith(fresh(texts, pathname, request, event));
  else if (part) event.respondWith(lasting(request, part));
  else if (pathname.startsWith("/static/")) event.respondWith(lasting(request));
});

worker.addEventListener("message", (event) => {
  const { data, ports } = event;
  const work = data.tell === "keep" ? keep(data) : forget(data.copy).then(() => true);
  event.waitUntil(work.then((all) => ports[0]?.postMessage(all)));
});

/** Something of the sheet as it is now; without an answer, or from a server in trouble, as it was kept. */
async function fresh(
  copy: string,
  name: string,
  request: Request,
  event: ExtendableEvent,
): Promise<Response> {
  const cache = await open(copy);
  const kept = await cache.match(name);
  const asked = fetch(request).then(async (response) => {
    if (response.ok && !response.redirected) await cache.put(name, response.clone());
    // The server does not know this device any more: neither does the device know the sheet.
    else if (response.status === 404) await forget(copy);
    return response;
  });
  if (!kept) return asked;
  event.waitUntil(asked.catch(() => undefined));
  const late = new Promise<Response>((resolve) => setTimeout(() => resolve(kept), PATIENCE));
  const answered = asked.then(
    (response) => (response.status >= 500 ? kept : response),
    () => kept,
  );
  return Promise.race([answered, late]);
}

/** What never changes under its address: as it was kept, or from the server, and kept then for its sheet. */
async function lasting(request: Request, copy?: string): Promise<Response> {
  const name = named(request.url);
  if (request.headers.has("range"))
    return fetch(request).catch(async (problem) => (await found(name)) ?? Promise.reject(problem));
  const kept = await found(name, copy);
  if (kept) return kept;
  const response = await fetch(request).catch(async (problem) => {
    const other = copy && (await inOtherWidth(name, copy));
    if (other) return other;
    throw problem;
  });
  // A page that is still being drawn is answered with 202.
  if (copy && response.status === 200) await (await open(copy)).put(name, response.clone());
  return response;
}

/** What a sheet keeps; scripts, what any sheet keeps. */
async function found(name: string, copy?: string): Promise<Response | undefined> {
  if (copy) return (await open(copy)).match(name);
  return caches.match(name);
}

/** A page's picture as it is kept in another width: what a screen asks for, it may not have asked for before. */
async function inOtherWidth(name: string, copy: string): Promise<Response | undefined> {
  const shows = (address: string) => address.replace(/\/\d+\.webp/, "");
  const cache = await open(copy);
  const same = (await cache.keys()).find(({ url }) => shows(named(url)) === shows(name));
  return same && cache.match(same);
}

/** Keep all that a sheet needs. Whether all of it is kept now. */
async function keep({ copy, who, addresses }: Told & { tell: "keep" }): Promise<boolean> {
  await forgetOthers(copy, who);
  const cache = await open(copy);
  await cache.put(whoOf(copy), new Response(who));
  const wanted = [...new Set([homeOf(copy), ...addresses.map(named)])];
  const kept = await Promise.all(wanted.map((name) => keepOne(cache, name)));
  await forgetOldScripts(cache, new Set(wanted));
  return kept.every(Boolean);
}

async function keepOne(cache: Cache, name: string): Promise<boolean> {
  if (await cache.match(name)) return true;
  try {
    const response = await fetch(name, { credentials: "same-origin" });
    if (response.status !== 200) return false;
    await cache.put(name, response);
    return true;
  } catch {
    return false;
  }
}

/** What sheets of somebody else keep on this device. */
async function forgetOthers(copy: string, who: string): Promise<void> {
  for (const name of await caches.keys()) {
    if (!name.startsWith(PREFIX) || name === PREFIX + copy) continue;
    const other = await (await caches.open(name)).match(whoOf(name.slice(PREFIX.length)));
    if (!other || (await other.text()) !== who) await caches.delete(name);
  }
}

/** Scripts of a release that the sheet does not come from any more. */
async function forgetOldScripts(cache: Cache, wanted: ReadonlySet<string>): Promise<void> {
  for (const request of await cache.keys()) {
    const name = named(request.url);
    if (name.startsWith("/static/") && !wanted.has(name)) await cache.delete(request);
  }
}
