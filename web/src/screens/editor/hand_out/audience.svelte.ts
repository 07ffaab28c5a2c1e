// To whom a worksheet is handed out: classes, some students of one, anybody with the code, or several of these.

import { take } from "../../../api/failure";
import { teacher, type Schemas } from "../../../api/teacher";

export class Audience {
  /** The teacher's classes that are not archived, and in which they may hand out. */
  classes: Schemas["ClassRow"][] = $state.raw([]);
  /** Anybody with the code. */
  guests = $state(false);
  /** The classes that are chosen, and of each those students who are; null: all. */
  chosen: Record<string, string[] | null> = $state({});
  /** The students of classes that were asked for. */
  students: Record<string, Schemas["StudentOut"][]> = $state.raw({});

  async load(): Promise<void> {
    try {
      const all = await take(teacher.GET("/api/classes"));
      this.classes = all.filter(({ archived, role }) => !archived && role !== "looks");
    } catch {
      // Without classes it can be handed out with a code all the same.
    }
    if (this.classes.length === 0) this.guests = true;
  }

  choose(id: string, chosen: boolean): void {
    const others = Object.entries(this.chosen).filter(([other]) => other !== id);
    this.chosen = Object.fromEntries(chosen ? [...others, [id, null]] : others);
  }

  /** Choose students of a class one by one. Throws Failure. */
  async chooseSome(id: string): Promise<void> {
    if (!this.students[id]) {
      const found = await take(
        teacher.GET("/api/classes/{class_id}", { params: { path: { class_id: id } } }),
      );
      this.students = { ...this.students, [id]: found.students };
    }
    this.chosen = { ...this.chosen, [id]: (this.students[id] ?? []).map((student) => student.id) };
  }

  toggle(id: string, student: string): void {
    const some = this.chosen[id] ?? [];
    const next = some.includes(student) ? some.filter((other) => other !== student) : [...some, student];
    this.chosen = { ...this.chosen, [id]: next };
  }

  /** The names of those to whom it goes. */
  get names(): string[] {
    return this.classes.filter(({ id }) => id in this.chosen).map(({ name }) => name);
  }

  /** Whether it goes to somebody, and no class was chosen of which nobody is. */
  get ready(): boolean {
    const empty = Object.values(this.chosen).some((some) => some?.length === 0);
    return !empty && (this.guests || this.names.length > 0);
  }

  get body(): Pick<Schemas["HandOutIn"], "classes" | "guests"> {
    const classes = this.classes
      .filter(({ id }) => id in this.chosen)
      .map(({ id }) => ({ of_class: id, students: this.chosen[id] ?? null }));
    return { classes, guests: this.guests };
  }
}
