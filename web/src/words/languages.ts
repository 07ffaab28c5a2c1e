// Languages that are offered, each by its own name: those that students' browsers check spelling in, or that they have at home.

import { nameOfLanguage } from "./language_name";

const TAGS =
  "am ar bg bn cs cy da de el en-GB en-US es et fa fi fr ga he hi hr hu hy is it ka ku lt lv mk mt nb nl pa pl ps pt ro ru sk sl so sq sr sv sw ta th ti tr uk ur vi zh";

export const LANGUAGES: readonly (readonly [tag: string, name: string])[] = TAGS.split(" ")
  .map((tag) => [tag, nameOfLanguage(tag)] as const)
  .sort(([, a], [, b]) => a.localeCompare(b));
