// Where pictures are fetched from: a teacher's own address, or that of a student's copy.

import { getContext, setContext } from "svelte";

const NAME = Symbol("pictures");
const OF_TEACHERS = "/pictures/";

/** Have the components within fetch pictures from an address, to which "<sha256>/" is added. */
export const setPicturePlace = (address: string): string => setContext(NAME, address);

export const picturePlace = (): string => getContext<string | undefined>(NAME) ?? OF_TEACHERS;
