import fc from "fast-check";
import { expect, test } from "vitest";
import type { Change, ChangeOut, Entry } from "../api/student";
import { TooLate } from "../api/student";
import { AnswerKeeper, nameOf, type Of } from "./answer_keeper";
import { FATES, Storage, Tab, World } from "./trial/world";

const written = (text: string): Entry => ({ kind: "answer_box", version: 1, text });
/** What is typed into: an answer, and two entries of another. */
const PLACES: Of[] = [
  { field_id: "field0", entry: "" },
  { field_id: "field1", entry: "" },
  { field_id: "field1", entry: "slot1" },
];
const FIRST = PLACES[0] as Of;
const SECOND = PLACES[1] as Of;
const textOf = (answer: unknown): string => (answer as { text: string }).text;

/** The server's rule (server/copies/flows/answer.py), as far as saving depends on it. */
class Server {
  standing = new Map<string, { revision: number; text: string; device: string }>();
  log: { field: string; text: string; device: string; order: number; late: boolean }[] = [];
  handedInAt: string | null = null;

  save(changes: Change[]): ChangeOut[] {
    if (this.handedInAt) {
      throw new TooLate("copy.handed_in", "Handed in.", this.handedInAt, this.noteLate(changes));
    }
    return changes.map((change) => this.saveOne(change));
  }

  handIn(changes: Change[]): ChangeOut[] {
    if (this.handedInAt) return this.noteLate(changes);
    this.save(changes);
    this.handedInAt = "now";
    return [];
  }

  private saveOne(change: Change): ChangeOut {
    const { revision, device, order } = change;
    const of = nameOf(change);
    const text = textOf(change.answer);
    if (text.includes("refused")) return this.outcome(change, revision, null, true);
    const before = this.standing.get(of);
    const newest = Math.max(
      0,
      ...this.log.filter((row) => row.field === of && row.device === device).map((row) => row.order),
    );
    if (before && revision <= before.revision && before.text === text)
      return this.outcome(change, before.revision, text);
    const kept =
      !before || revision > before.revision || (order > newest && before.device === device) || order > newest;
    this.log.push({ field: of, text, device, order, late: false });
    if (!kept) return this.outcome(change, before.revision, before.text);
    const now = { revision: before ? Math.max(revision, before.revision + 1) : revision, text, device };
    this.standing.set(of, now);
    return this.outcome(change, now.revision, text);
  }

  private noteLate(changes: Change[]): ChangeOut[] {
    return changes.map((change) => {
      const text = textOf(change.answer);
      if (text.includes("refused")) return this.outcome(change, change.revision, null, true);
      const { device, order } = change;
      const field = nameOf(change);
      if (this.standing.get(field)?.text !== text) this.log.push({ field, text, device, order, late: true });
      return this.outcome(change, change.revision, this.standing.get(field)?.text ?? null);
    });
  }

  private outcome(
    { field_id, entry }: Of,
    revision: number,
    text: string | null,
    refused = false,
  ): ChangeOut {
    const answer = text === null ? null : written(text);
    const problem = refused ? { code: "answer.refused", message: "Refused.", path: [], faults: [] } : null;
    return { field_id, entry, revision, answer, refused: problem };
  }
}

class Student {
  readonly keeper: AnswerKeeper;
  readonly refused = new Set<string>();
  readonly told: number[] = [];
  stopped = false;

  constructor(
    readonly tab: Tab,
    private readonly server: Server,
  ) {
    this.keeper = new AnswerKeeper(
      "copy",
      {
        send: (changes) => tab.world.send(tab, () => server.save(changes)),
        onAnswer: () => undefined,
        onRefused: (of) => this.refused.add(nameOf(of)),
        onTooLate: (_, changes) => this.told.push(changes),
        onState: (state) => (this.stopped ||= state.is === "stopped"),
      },
      tab.around,
    );
    const saved = [...server.standing].map(([name, { revision, text }]) => ({
      ...(PLACES.find((of) => nameOf(of) === name) as Of),
      revision,
      answer: written(text),
    }));
    if (server.handedInAt) this.keeper.beginDone(saved);
    else this.keeper.begin(saved);
    this.stopped = server.handedInAt !== null;
  }

  handIn(): void {
    const { tab, server, keeper } = this;
    if (this.stopped) return;
    keeper.handIn((changes) => tab.world.send(tab, () => server.handIn(changes))).catch(() => undefined);
  }
}

const fates = fc.constantFrom(...FATES);
const steps = fc.oneof(
  {
    weight: 6,
    arbitrary: fc.record({ is: fc.constant("type"), tab: fc.nat(3), field: fc.nat(2), bad: fc.nat(9) }),
  },
  { weight: 6, arbitrary: fc.record({ is: fc.constant("decide"), which: fc.nat(5), fate: fates }) },
  {
    weight: 4,
    arbitrary: fc.record({ is: fc.constant("pass"), milliseconds: fc.constantFrom(1, 300, 2_000) }),
  },
  { weight: 1, arbitrary: fc.record({ is: fc.constant("reload"), tab: fc.nat(3) }) },
  { weight: 1, arbitrary: fc.record({ is: fc.constant("hand in"), tab: fc.nat(3) }) },
);
type Step = {
  is: string;
  tab?: number;
  field?: number;
  bad?: number;
  which?: number;
  fate?: (typeof FATES)[number];
} & {
  milliseconds?: number;
};

test("whatever is typed is on the server, on the device, or told to be refused", async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(steps, { maxLength: 40 }), async (steps) => {
      const world = new World();
      const server = new Server();
      const devices = [new Storage(), new Storage()];
      const storageOf = (tab: number) => devices[Math.floor(tab / 2)] as Storage;
      const students = [0, 1, 2, 3].map((tab) => new Student(new Tab(world, storageOf(tab)), server));
      const typed: { device: number; field: string; text: string }[] = [];
      for (const step of steps as Step[]) {
        const at = step.tab ?? 0;
        const student = students[at] as Student;
        if (step.is === "type" && !student.stopped) {
          const text = `${typed.length}${step.bad === 0 ? " refused" : ""}`;
          const of = PLACES[step.field ?? 0] as Of;
          typed.push({ device: Math.floor(at / 2), field: nameOf(of), text });
          student.keeper.set(of, written(text));
        } else if (step.is === "decide") await world.decide(step.which ?? 0, step.fate ?? "lost");
        else if (step.is === "pass") await world.pass(step.milliseconds ?? 0);
        else if (step.is === "hand in") student.handIn();
        else if (step.is === "reload") {
          student.tab.close();
          students[at] = new Student(new Tab(world, student.tab.storage), server);
        }
        await world.pass(0);
      }
      await world.calm();
      // Both devices are opened once more, as they are the next day.
      for (const student of students) student.tab.close();
      students.push(...devices.map((storage) => new Student(new Tab(world, storage), server)));
      await world.calm();
      for (const { device, field, text } of typed) {
        const last = typed.findLast((other) => other.device === device && other.field === field);
        if (last?.text !== text || text.includes("refused")) continue;
        const onServer = server.log.some((row) => row.field === field && row.text === text);
        const kept = devices[device]?.read<{ answer: Entry }>(`velum:copy:copy:${field}`);
        expect(onServer || textOf(kept?.answer) === text, `${text} of ${field} is lost`).toBe(true);
      }
    }),
    { numRuns: 300 },
  );
});

test("what a tab typed last stands, when nobody else typed, however saves are held up and repeated", async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(fc.tuple(fc.nat(5), fates, fc.boolean()), { maxLength: 30 }), async (steps) => {
      const world = new World();
      const server = new Server();
      const { keeper } = new Student(new Tab(world, new Storage()), server);
      let last = "";
      for (const [which, fate, types] of steps) {
        if (types) keeper.set(FIRST, written((last = `${world.now}`)));
        await world.pass(600);
        await world.decide(which, fate);
      }
      await world.calm();
      expect(server.standing.get("field0")?.text ?? "").toBe(last);
    }),
    { numRuns: 200 },
  );
});

test("a device forgets what it has once it is handed in, and not before", async () => {
  const world = new World();
  const server = new Server();
  const storage = new Storage();
  const student = new Student(new Tab(world, storage), server);
  student.keeper.set(FIRST, written("ebb"));
  await world.calm();
  expect(storage.names("velum:copy:")).toHaveLength(1);
  student.handIn();
  student.keeper.set(SECOND, written("typed while it was handed in"));
  await world.calm();
  expect(server.log.map(({ text, late }) => [text, late])).toEqual([
    ["ebb", false],
    ["typed while it was handed in", true],
  ]);
  expect(storage.names("velum:copy:")).toEqual([]);
});

test("nothing is sent while it is handed in: it would come too late", async () => {
  const world = new World();
  const server = new Server();
  const student = new Student(new Tab(world, new Storage()), server);
  student.keeper.set(FIRST, written("flood"));
  student.handIn();
  await world.pass(3_000);
  expect(world.waiting).toBe(1);
  await world.calm();
  expect([student.stopped, student.told]).toEqual([false, []]);
  expect(server.log).toMatchObject([{ text: "flood", late: false }]);
});

test("a hand-in waits for what is being sent, and what could not be handed in is sent later", async () => {
  const world = new World();
  const server = new Server();
  const student = new Student(new Tab(world, new Storage()), server);
  student.keeper.set(FIRST, written("ebb"));
  await world.pass(500);
  student.keeper.set(SECOND, written("flood"));
  student.handIn();
  await world.pass(0);
  expect(world.waiting).toBe(1);
  await world.decide(0, "answered");
  await world.decide(0, "lost");
  await world.calm();
  expect(server.handedInAt).toBe(null);
  expect(server.log.map(({ text }) => text)).toEqual(["ebb", "flood"]);
});

test("a second device that did not know of the handing-in is told, and what it had is noted", async () => {
  const world = new World();
  const server = new Server();
  const [tablet, laptop] = [0, 1].map(() => new Student(new Tab(world, new Storage()), server)) as [
    Student,
    Student,
  ];
  laptop.keeper.set(FIRST, written("on the laptop"));
  tablet.handIn();
  await world.calm();
  expect(laptop.told).toEqual([1]);
  expect(laptop.stopped).toBe(true);
  expect(server.log).toMatchObject([{ text: "on the laptop", late: true }]);
  expect(laptop.tab.storage.names("velum:copy:")).toEqual([]);
});

test("opening what was handed in elsewhere sends what the device still has", async () => {
  const world = new World();
  const server = new Server();
  const storage = new Storage();
  const first = new Student(new Tab(world, storage), server);
  first.keeper.set(FIRST, written("never sent"));
  first.tab.close();
  server.handIn([]);
  new Student(new Tab(world, storage), server);
  await world.pass(0);
  await world.decide(0, "lost");
  expect(storage.names("velum:copy:")).toHaveLength(1);
  new Student(new Tab(world, storage), server);
  await world.calm();
  expect(server.log).toMatchObject([{ text: "never sent", late: true }]);
  expect(storage.names("velum:copy:")).toEqual([]);
});
