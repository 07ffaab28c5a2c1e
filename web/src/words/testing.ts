// Tests say everything in English.
import { c, p } from "./.wuchale/svelte.svelte.en.compiled.js";

globalThis.velumWords = { c, p };
