// What the teacher says beside the answers: instructions, help, and what is practised.

import type { Document, Field } from "../../api/teacher";
import type { Command } from "../command";
import { WORKSHEET } from "../edits";
import { newId } from "../ids";
import { changeSome } from "./fields";

export type Instruction = Field["instructions"][number];
export type Help = Field["help"][number];
export type Skill = Document["skills"][number];

/** What instructions are about: a question, a page, or (with neither) the worksheet itself. */
export interface Instructed {
  field?: string;
  page?: string;
}

export function instructionsOf(document: Document, { field, page }: Instructed): readonly Instruction[] {
  if (field) return document.fields.find(({ id }) => id === field)?.instructions ?? [];
  return document.instructions[page ?? WORKSHEET] ?? [];
}

/** Change what is asked for; `typing` is sent when it pauses. */
export function instruct(
  document: Document,
  about: Instructed,
  change: (instructions: readonly Instruction[]) => Instruction[],
  typing = false,
): Command | undefined {
  const instructions = change(instructionsOf(document, about));
  const label = "Instructions changed";
  if (about.field)
    return changeSome(document, [about.field], label, (field) => ({ ...field, instructions }), typing);
  return {
    label,
    edits: [{ op: "set_instructions", page_id: about.page ?? null, instructions }],
    joins: `${label} ${about.page ?? WORKSHEET}`,
    typing,
  };
}

/** Change the help of a field. */
export const changeHelp = (
  document: Document,
  field: string,
  change: (help: readonly Help[]) => Help[],
  typing = false,
): Command | undefined =>
  changeSome(document, [field], "Help changed", (field) => ({ ...field, help: change(field.help) }), typing);

export const setSkills = (skills: Skill[], typing = false): Command => ({
  label: "Skills changed",
  edits: [{ op: "set_skills", skills }],
  joins: "skills",
  typing,
});

/** The list with one more skill; undefined: it has no name, or is there already. */
export function withSkill(skills: readonly Skill[], name: string): Skill[] | undefined {
  const called = name.trim();
  const known = skills.some((skill) => skill.name.toLowerCase() === called.toLowerCase());
  return called && !known ? [...skills, { id: newId(), name: called }] : undefined;
}

/** Tag fields with a skill, or take it off them. */
export const tag = (
  document: Document,
  fields: readonly string[],
  skill: string,
  on: boolean,
): Command | undefined =>
  changeSome(document, fields, on ? "Skill added" : "Skill taken off", (field) => {
    const others = field.skills.filter((id) => id !== skill);
    return { ...field, skills: on ? [...others, skill] : others };
  });

/** Whether an address leads to one of these sites, or to a part of one (velum/links.py says it for good). */
export function isOn(address: string, sites: readonly string[]): boolean {
  if (!URL.canParse(address)) return false;
  const { protocol, hostname, username, password } = new URL(address);
  if (!["http:", "https:"].includes(protocol) || username || password) return false;
  const host = hostname.replace(/\.$/, "");
  return sites
    .map((site) => site.toLowerCase().replace(/^[. ]+|[. ]+$/g, ""))
    .some((site) => site !== "" && (host === site || host.endsWith(`.${site}`)));
}
