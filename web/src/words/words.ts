// The words of this page's language. A catalogue is a module of its own, which the page loads before any other.

import toRuntime, { type CatalogModule } from "wuchale/runtime";

declare global {
  var velumWords: CatalogModule | undefined;
}

/** Whether the words came before the sources that say them; without them no screen can be shown. */
export const haveWords = globalThis.velumWords !== undefined;

const words = toRuntime(globalThis.velumWords, globalThis.document?.documentElement?.lang);

/** What the compiled sources get their words by. */
export const getRuntime = () => words;
export const getRuntimeRx = getRuntime;
