// Which of several right arrangements is shown on the key sheet, by the field's id.

import { SvelteMap } from "svelte/reactivity";

export const shown = new SvelteMap<string, number>();
