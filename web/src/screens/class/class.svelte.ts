// A class as it stands on the server, and what can be done with it. What is refused is said where it was tried.

import { sentenceOf, take } from "../../api/failure";
import { teacher, type Schemas } from "../../api/teacher";

type ClassOut = Schemas["ClassOut"];
export type Student = Schemas["StudentOut"];
/** A student as a list names them. */
export type Named = Schemas["Student"];

export class OneClass {
  value: ClassOut = $state.raw() as ClassOut;
  problem = $state("");
  busy = $state(false);

  constructor(value: ClassOut) {
    this.value = value;
  }

  get owns(): boolean {
    return this.value.role === "owns";
  }

  get marks(): boolean {
    return this.value.role !== "looks";
  }

  settle(settings: Partial<Schemas["ClassSettings"]>): Promise<boolean> {
    const body = settings as Schemas["ClassSettings"];
    return this.change(() => teacher.PATCH("/api/classes/{class_id}", { params: this.params, body }));
  }

  /** What a list would change in the class. Throws Failure. */
  meaningOf(students: Named[]): Promise<Schemas["RosterMeaningOut"]> {
    const body = { students, take_out: false };
    return take(teacher.POST("/api/classes/{class_id}/roster/meaning", { params: this.params, body }));
  }

  takeRoster(students: Named[], takeOut: boolean): Promise<boolean> {
    const body = { students, take_out: takeOut };
    return this.change(() => teacher.POST("/api/classes/{class_id}/roster", { params: this.params, body }));
  }

  takeOut(student: string): Promise<boolean> {
    const params = { path: { ...this.params.path, student_id: student } };
    return this.change(() => teacher.DELETE("/api/classes/{class_id}/students/{student_id}", { params }));
  }

  /** Ask a colleague by mail to teach the class too. */
  invite(email: string, role: "marks" | "looks"): Promise<boolean> {
    const body = { email, role };
    return this.change(() =>
      teacher.POST("/api/classes/{class_id}/invitations", { params: this.params, body }),
    );
  }

  /** Take an invitation back, or have a colleague teach the class no more. */
  withdraw(email: string): Promise<boolean> {
    const params = { path: { ...this.params.path, email } };
    return this.change(() => teacher.DELETE("/api/classes/{class_id}/teachers/{email}", { params }));
  }

  correct(student: string, parts: Partial<Schemas["StudentIn"]>): Promise<boolean> {
    const params = { path: { student_id: student } };
    const body = parts as Schemas["StudentIn"];
    return this.changeStudent(() => teacher.PATCH("/api/students/{student_id}", { params, body }));
  }

  newCard(student: string): Promise<boolean> {
    const params = { path: { student_id: student } };
    return this.changeStudent(() => teacher.POST("/api/students/{student_id}/card", { params }));
  }

  /** Erase all that is kept of a student. */
  erase(student: string): Promise<boolean> {
    return this.try(async () => {
      const params = { path: { student_id: student } };
      await take(teacher.POST("/api/students/{student_id}/erasure", { params }));
      this.value = { ...this.value, students: this.value.students.filter(({ id }) => id !== student) };
    });
  }

  /** Make the class of the next year, and go there. */
  copy(name: string, year: string): Promise<boolean> {
    return this.try(async () => {
      const body = { name, year, source: "" };
      const made = await take(teacher.POST("/api/classes/{class_id}/copies", { params: this.params, body }));
      location.assign(`/classes/${made.id}/`);
    });
  }

  /** Remove the class, and leave. */
  remove(): Promise<boolean> {
    return this.try(async () => {
      await take(teacher.DELETE("/api/classes/{class_id}", { params: this.params }));
      location.assign("/classes/");
    });
  }

  private get params() {
    return { path: { class_id: this.value.id } };
  }

  private change(ask: () => Parameters<typeof take<ClassOut>>[0]): Promise<boolean> {
    return this.try(async () => {
      this.value = await take(ask());
    });
  }

  private changeStudent(ask: () => Parameters<typeof take<Student>>[0]): Promise<boolean> {
    return this.try(async () => {
      const changed = await take(ask());
      const students = this.value.students.map((each) => (each.id === changed.id ? changed : each));
      this.value = { ...this.value, students };
    });
  }

  /** Whether it was done; if not, the problem says why. */
  private async try(what: () => Promise<void>): Promise<boolean> {
    this.busy = true;
    this.problem = "";
    try {
      await what();
      return true;
    } catch (failure) {
      this.problem = sentenceOf(failure);
      return false;
    } finally {
      this.busy = false;
    }
  }
}
