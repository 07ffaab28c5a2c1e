// Edits applied at once in the browser, and what takes each back. The server applies the same edits for good.

import type { Document, Edit, Field } from "../api/teacher";
import { turnedFixture } from "../fixtures/form";
import { formOf } from "../kinds/form";

// What an earlier release, whose edits may have waited on this device, knew nothing of.
const NEW_PAGE: Pick<Page, "refused"> = { refused: [] };
const NEW_FIELD: Pick<Field, "help" | "instructions" | "skills" | "working_for"> = {
  help: [],
  instructions: [],
  skills: [],
  working_for: null,
};

/** A page that shows another's paper. What was refused stays: a newer printing has the same places. */
const paperOf = (other: Page, page: Page): Page => ({ ...other, id: page.id, refused: page.refused });

/** What the instructions of the worksheet itself are found by; those of a page, by its id. */
export const WORKSHEET = "";

/** The document after the edits. A field placed here stands last, until the server says where it is read. */
export function applied(document: Document, edits: Edit[]): Document {
  let { title, fixtures, fields, keys, groups, settings, style, pages, aside, instructions, skills } =
    document;
  const page = (id: string) => [...pages, ...aside].filter((page) => page.id === id);
  const without = (id: string) => pages.filter((page) => page.id !== id);
  for (const edit of edits) {
    switch (edit.op) {
      case "place":
        fields = [...fields, { ...NEW_FIELD, ...edit.field }];
        break;
      case "change":
        fields = fields.map((field) =>
          field.id === edit.field.id ? { ...NEW_FIELD, ...edit.field } : field,
        );
        break;
      case "remove":
        fields = fields.filter((field) => field.id !== edit.field_id);
        keys = withoutName(keys, edit.field_id);
        groups = withoutFields(groups, [edit.field_id]);
        break;
      case "set_settings":
        settings = edit.settings;
        break;
      case "set_style":
        style = edit.style;
        break;
      case "set_groups":
        groups = edit.groups;
        break;
      case "set_instructions":
        instructions = withoutName(instructions, edit.page_id ?? WORKSHEET);
        if (edit.instructions.length > 0)
          instructions = { ...instructions, [edit.page_id ?? WORKSHEET]: edit.instructions };
        break;
      case "set_skills":
        skills = edit.skills;
        break;
      case "set_key":
        keys = edit.key ? { ...keys, [edit.field_id]: edit.key } : withoutName(keys, edit.field_id);
        break;
      case "rename":
        title = edit.title;
        break;
      case "swap_paper": {
        const [mine, other] = [page(edit.page_id)[0], page(edit.with_id)[0]];
        if (!mine || !other) break;
        pages = pages.map((page) => (page === mine ? paperOf(other, mine) : page));
        aside = aside.map((page) => (page === other ? paperOf(mine, other) : page));
        break;
      }
      case "move_page":
        pages = without(edit.page_id).toSpliced(edit.to, 0, ...page(edit.page_id));
        break;
      case "turn_page":
        for (const before of page(edit.page_id)) {
          fields = fields.map((field) => formOf(field).turned(field, before.id, edit.by, before));
          fixtures = fixtures.map((fixture) =>
            fixture.page === before.id ? turnedFixture(fixture, edit.by, before) : fixture,
          );
        }
        pages = pages.map((page) => (page.id === edit.page_id ? turnedPage(page, edit.by) : page));
        break;
      case "refuse_found":
        pages = pages.map((page) => (page.id === edit.page_id ? { ...page, refused: edit.refused } : page));
        break;
      case "insert_page":
        pages = pages.toSpliced(edit.to, 0, { ...NEW_PAGE, ...edit.page });
        break;
      case "show_page":
        pages = pages.map((page) => (page.id === edit.page_id ? shownPage(page, edit.shown) : page));
        break;
      case "set_page_aside":
        aside = [...aside, ...page(edit.page_id)];
        pages = without(edit.page_id);
        break;
      case "bring_page_back":
        pages = pages.toSpliced(edit.to, 0, ...page(edit.page_id));
        aside = aside.filter((page) => page.id !== edit.page_id);
        break;
      case "lay_fixture":
        fixtures = fixtures.toSpliced(edit.layer ?? fixtures.length, 0, edit.fixture);
        break;
      case "change_fixture":
        fixtures = fixtures.map((fixture) => (fixture.id === edit.fixture.id ? edit.fixture : fixture));
        break;
      case "layer_fixture":
        fixtures = fixtures
          .filter(({ id }) => id !== edit.fixture_id)
          .toSpliced(edit.layer, 0, ...fixtures.filter(({ id }) => id === edit.fixture_id));
        break;
      case "remove_fixture":
        fixtures = fixtures.filter(({ id }) => id !== edit.fixture_id);
        break;
      case "forget_page":
        aside = aside.filter((page) => page.id !== edit.page_id);
        instructions = withoutName(instructions, edit.page_id);
        break;
    }
  }
  return {
    ...document,
    title,
    fixtures,
    fields,
    keys,
    groups,
    settings,
    style,
    pages,
    aside,
    instructions,
    skills,
  };
}

/** The edits that turn the document after `edits` back into `document`. */
export function inverse(document: Document, edits: Edit[]): Edit[] {
  const back: Edit[] = [];
  let before = document;
  for (const edit of edits) {
    back.unshift(...inverseOfOne(before, edit));
    before = applied(before, [edit]);
  }
  return back;
}

function inverseOfOne(document: Document, edit: Edit): Edit[] {
  const at = (page: string) => document.pages.findIndex(({ id }) => id === page);
  const layer = (fixture: string) => document.fixtures.findIndex(({ id }) => id === fixture);
  const field = (id: string) => document.fields.filter((field) => field.id === id);
  switch (edit.op) {
    case "place":
      return [{ op: "remove", field_id: edit.field.id }];
    case "change":
      return field(edit.field.id).map((before) => ({ op: "change", field: before }));
    case "remove": {
      const key = document.keys[edit.field_id];
      const back: Edit[] = field(edit.field_id).map((before) => ({ op: "place", field: before }));
      if (key) back.push({ op: "set_key", field_id: edit.field_id, key });
      const grouped = document.groups.some(({ fields }) => fields.includes(edit.field_id));
      return grouped ? [...back, { op: "set_groups", groups: document.groups }] : back;
    }
    case "set_key":
      return [{ op: "set_key", field_id: edit.field_id, key: document.keys[edit.field_id] ?? null }];
    case "rename":
      return [{ op: "rename", title: document.title }];
    case "set_settings":
      return [{ op: "set_settings", settings: document.settings }];
    case "set_style":
      return [{ op: "set_style", style: document.style }];
    case "set_groups":
      return [{ op: "set_groups", groups: document.groups }];
    case "set_instructions": {
      const before = document.instructions[edit.page_id ?? WORKSHEET] ?? [];
      return [{ op: "set_instructions", page_id: edit.page_id ?? null, instructions: before }];
    }
    case "set_skills":
      return [{ op: "set_skills", skills: document.skills }];
    case "swap_paper":
      return [edit];
    case "move_page":
      return [{ op: "move_page", page_id: edit.page_id, to: at(edit.page_id) }];
    case "turn_page":
      return [{ op: "turn_page", page_id: edit.page_id, by: (360 - edit.by) as typeof edit.by }];
    case "refuse_found":
      return document.pages
        .filter(({ id }) => id === edit.page_id)
        .map(({ refused }) => ({ op: "refuse_found", page_id: edit.page_id, refused }));
    case "insert_page":
      return [
        { op: "set_page_aside", page_id: edit.page.id },
        { op: "forget_page", page_id: edit.page.id },
      ];
    case "show_page":
      return document.pages
        .filter((page) => page.id === edit.page_id)
        .map((page) => ({ op: "show_page", page_id: page.id, shown: shownOf(page) }));
    case "set_page_aside":
      return [{ op: "bring_page_back", page_id: edit.page_id, to: at(edit.page_id) }];
    case "bring_page_back":
      return [{ op: "set_page_aside", page_id: edit.page_id }];
    case "lay_fixture":
      return [{ op: "remove_fixture", fixture_id: edit.fixture.id }];
    case "change_fixture":
      return document.fixtures
        .filter(({ id }) => id === edit.fixture.id)
        .map((fixture) => ({ op: "change_fixture", fixture }));
    case "layer_fixture":
      return [{ op: "layer_fixture", fixture_id: edit.fixture_id, layer: layer(edit.fixture_id) }];
    case "remove_fixture":
      return document.fixtures
        .filter(({ id }) => id === edit.fixture_id)
        .map((fixture) => ({ op: "lay_fixture", fixture, layer: layer(fixture.id) }));
    case "forget_page":
      return []; // only ever part of taking a page back that was put in
  }
}

/** What an edit is about: edits of the same subject and sort overwrite each other. */
export function subjectOf(edit: Edit): string {
  switch (edit.op) {
    case "place":
    case "change":
      return `field ${edit.field.id}`;
    case "remove":
      return `field ${edit.field_id}`;
    case "set_key":
      return `key ${edit.field_id}`;
    case "lay_fixture":
    case "change_fixture":
      return `fixture ${edit.fixture.id}`;
    case "layer_fixture":
    case "remove_fixture":
      return `fixture ${edit.fixture_id}`;
    case "insert_page":
      return `page ${edit.page.id}`;
    case "rename":
    case "set_settings":
    case "set_style":
    case "set_groups":
    case "set_skills":
      return edit.op;
    case "set_instructions":
      return `instructions ${edit.page_id ?? WORKSHEET}`;
    default:
      return `page ${edit.page_id}`;
  }
}

/** Edits of which the later overwrite the earlier, made fewer: only the last change of a field has to be sent. */
export function joined(edits: Edit[]): Edit[] {
  return edits.filter((edit, i) => {
    const next = edits[i + 1];
    if (!next || next.op !== edit.op) return true;
    if (edit.op === "change" && next.op === "change") return edit.field.id !== next.field.id;
    if (edit.op === "change_fixture" && next.op === "change_fixture")
      return edit.fixture.id !== next.fixture.id;
    if (edit.op === "set_key" && next.op === "set_key") return edit.field_id !== next.field_id;
    if (edit.op === "set_instructions" && next.op === "set_instructions")
      return edit.page_id !== next.page_id;
    return !["rename", "set_groups", "set_settings", "set_skills", "set_style"].includes(edit.op);
  });
}

/** The groups after fields left them. One field alone is no group. */
export function withoutFields(groups: Document["groups"], ids: readonly string[]): Document["groups"] {
  return groups
    .map((group) => ({ ...group, fields: group.fields.filter((id) => !ids.includes(id)) }))
    .filter((group) => group.fields.length > 1);
}

function withoutName<T>(record: Record<string, T>, name: string): Record<string, T> {
  return Object.fromEntries(Object.entries(record).filter(([key]) => key !== name));
}

/** The page after it was turned clockwise by some degrees. */
export function turnedPage<P extends Document["pages"][number]>(page: P, by: 0 | 90 | 180 | 270): P {
  const turn = ((page.turn + by) % 360) as P["turn"];
  return by % 180 === 0 ? { ...page, turn } : { ...page, turn, width: page.height, height: page.width };
}

type Page = Document["pages"][number];
type Shown = Extract<Edit, { op: "show_page" }>["shown"];

function shownPage(page: Page, { width, height, whiten, corners }: Shown): Page {
  const sides = page.turn % 180 === 0 ? { width, height } : { width: height, height: width };
  return { ...page, ...sides, whiten, corners: corners ?? null };
}

/** How a page is shown, before it is turned. */
export function shownOf({ width, height, turn, whiten, corners }: Page): Shown {
  const sides = turn % 180 === 0 ? { width, height } : { width: height, height: width };
  return { ...sides, whiten, corners: corners ?? null };
}
