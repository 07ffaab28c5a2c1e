import fc from "fast-check";
import { expect, test } from "vitest";
import { Failure } from "../api/failure";
import type { Edit, Schemas } from "../api/teacher";
import { EditQueue, Stale, type Refused } from "./edit_queue";
import { FATES, Storage, Tab, World } from "./trial/world";

type Worksheet = Schemas["WorksheetOut"];

const key = (field: string, text: string): Edit => ({
  op: "set_key",
  field_id: field,
  key: { kind: "answer_box", text, also: [], partly: [], refused: [], follows: null, comparison: null },
});
const textOf = (edit: Edit): string =>
  edit.op === "set_key" && edit.key && "text" in edit.key ? edit.key.text : "";

/** The server's rule (server/worksheets/flows/edit.py), as far as saving depends on it. */
class Server {
  revision = 1;
  applied: string[] = [];
  private readonly batches = new Set<string>();

  edit({ revision, batch, edits }: { revision: number; batch: string; edits: Edit[] }) {
    if (!this.batches.has(batch)) {
      if (revision !== this.revision) throw new Stale({ revision: this.revision } as Worksheet, edits);
      this.check(edits.map(textOf));
      this.applied.push(...edits.map(textOf));
      this.batches.add(batch);
      this.revision += 1;
    }
    return { revision: this.revision, order: [] };
  }

  /** Of edits that are refused, some are named, some are not, and on some the server itself fails. */
  private check(all: string[]): void {
    if (all.some((text) => text.includes("unnamed"))) throw new Failure("request.invalid", "Refused.", 422);
    if (all.some((text) => text.includes("fault"))) throw new Failure("server.failed", "Failed.", 500);
    const faults = all.flatMap((text, at) =>
      text.includes("named") ? [{ code: "edit.refused", message: "Refused.", path: ["edits", at] }] : [],
    );
    if (faults[0]) throw new Failure("edit.refused", "Refused.", 422, faults[0].path, faults);
  }
}

class Teacher {
  readonly queue: EditQueue;
  refused: Refused[] = [];
  behind = 0;
  stopped = false;

  constructor(
    readonly tab: Tab,
    readonly name: string,
    server: Server,
  ) {
    this.queue = new EditQueue(
      name,
      3,
      server.revision,
      {
        send: (batch) => tab.world.send(tab, () => server.edit(batch)),
        onOrder: () => undefined,
        onStale: (worksheet, sent) => {
          // Put ours on top.
          this.queue.restart(worksheet.revision, [...sent, ...this.queue.unsent]);
        },
        onBehind: () => (this.behind += 1),
        onRefused: (refused) => (this.refused = refused),
        onState: (state) => (this.stopped = state.is === "stopped"),
      },
      tab.around,
    );
  }
}

const texts = fc.constantFrom("", "", "", "", "named", "unnamed", "fault");
const steps = fc.oneof(
  {
    weight: 5,
    arbitrary: fc.record({ is: fc.constant("push"), tab: fc.nat(1), says: texts, typing: fc.boolean() }),
  },
  {
    weight: 6,
    arbitrary: fc.record({ is: fc.constant("decide"), which: fc.nat(3), fate: fc.constantFrom(...FATES) }),
  },
  {
    weight: 3,
    arbitrary: fc.record({ is: fc.constant("pass"), milliseconds: fc.constantFrom(1, 500, 3_000) }),
  },
  { weight: 1, arbitrary: fc.record({ is: fc.constant("reload"), tab: fc.nat(1) }) },
);
interface Step {
  is: string;
  tab?: number;
  says?: string;
  typing?: boolean;
  which?: number;
  fate?: (typeof FATES)[number];
  milliseconds?: number;
}

test("whatever is done in two tabs is saved once, or told to be refused, and nothing keeps the rest waiting", async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(steps, { maxLength: 40 }), async (steps) => {
      const world = new World();
      const server = new Server();
      const storage = new Storage();
      const open = (name: string) => new Teacher(new Tab(world, storage), name, server);
      const teachers = [open("velum:edits:a"), open("velum:edits:b")];
      const done: string[] = [];
      for (const step of steps as Step[]) {
        const at = step.tab ?? 0;
        const teacher = teachers[at] as Teacher;
        if (step.is === "push") {
          const text = `${done.length} ${step.says}`;
          done.push(text);
          teacher.queue.push([key(`field${done.length}`, text)], step.typing);
        } else if (step.is === "decide") await world.decide(step.which ?? 0, step.fate ?? "lost");
        else if (step.is === "pass") await world.pass(step.milliseconds ?? 0);
        else {
          teacher.tab.close();
          const again = (teachers[at] = open(teacher.name));
          void again.queue.resume();
        }
        await world.pass(0);
      }
      await world.calm();
      const refused = teachers.flatMap(({ refused }) => refused.map(({ edit }) => textOf(edit)));
      const bad = done.filter((text) => /named|fault/.test(text));
      expect(server.applied.toSorted()).toEqual(done.filter((text) => !bad.includes(text)).toSorted());
      expect(refused.toSorted()).toEqual(bad.toSorted());
      for (const { queue, stopped } of teachers) expect([queue.unsaved, stopped]).toEqual([false, false]);
    }),
    { numRuns: 300 },
  );
});

function alone() {
  const world = new World();
  const server = new Server();
  const storage = new Storage();
  const teacher = new Teacher(new Tab(world, storage), "velum:edits:a", server);
  return { world, server, storage, teacher };
}

test("an edit that was refused is shown until it is left out, also after a reload", async () => {
  const { world, server, storage, teacher } = alone();
  teacher.queue.push([key("a", "good"), key("b", "named"), key("c", "good too")]);
  await world.calm();
  expect(server.applied).toEqual(["good", "good too"]);
  teacher.tab.close();
  const again = new Teacher(new Tab(world, storage), "velum:edits:a", server);
  expect(await again.queue.resume()).toBe(true);
  expect(again.refused.map(({ edit }) => textOf(edit))).toEqual(["named"]);
  expect(again.queue.pending.map(textOf)).toEqual(["named"]);
  again.queue.leaveOut("key b");
  expect(again.refused).toEqual([]);
  expect(storage.names("velum:edits:")).toEqual([]);
});

test("an edit that was refused is forgotten once its thing is corrected", async () => {
  const { world, server, teacher } = alone();
  teacher.queue.push([key("a", "named")]);
  await world.calm();
  expect(teacher.refused).toHaveLength(1);
  teacher.queue.push([key("a", "corrected")]);
  await world.calm();
  expect([teacher.refused.length, server.applied]).toEqual([0, ["corrected"]]);
});

test("an edit that was refused can be tried again", async () => {
  const { world, teacher } = alone();
  teacher.queue.push([key("a", "named")]);
  await world.calm();
  teacher.queue.tryAgain("key a");
  expect([teacher.refused.length, teacher.queue.unsaved]).toEqual([0, true]);
  await world.calm();
  expect([teacher.refused.length, teacher.queue.unsaved]).toEqual([1, false]);
});

test("who hands out while a save is under way waits for it", async () => {
  const { world, teacher } = alone();
  teacher.queue.push([key("a", "one")]);
  let settled = false;
  void teacher.queue.settled().then(() => (settled = true));
  teacher.queue.push([key("b", "two")]);
  await world.pass(0);
  expect(settled).toBe(false);
  await world.calm();
  expect([settled, teacher.queue.unsaved]).toEqual([true, false]);
});

test("who waits while nothing can be saved does not wait for ever", async () => {
  const { world, teacher } = alone();
  teacher.queue.push([key("a", "one")]);
  let settled = false;
  void teacher.queue.settled().then(() => (settled = true));
  for (let i = 0; i < 4; i++) await world.decide(0, "lost");
  expect([settled, teacher.queue.unsaved]).toEqual([true, true]);
});

test("a batch that is answered late, after another tab's edits, says that there is more to be shown", async () => {
  const { world, server, teacher } = alone();
  teacher.queue.push([key("a", "mine")]);
  await world.decide(0, "answer lost");
  server.edit({ revision: 2, batch: "theirs", edits: [key("b", "theirs")] });
  await world.calm();
  expect([server.applied, teacher.behind]).toEqual([["mine", "theirs"], 1]);
});

test("a device that was left before it knew of the sending sends under the same name", async () => {
  const { world, server, storage, teacher } = alone();
  teacher.queue.push([key("a", "typed")], true);
  const kept = storage.read("velum:edits:a");
  await world.pass(500);
  await world.decide(0, "answered");
  teacher.tab.close();
  const left = new Tab(world, storage);
  left.around.device.keep("velum:edits:a", kept);
  left.close();
  const again = new Teacher(new Tab(world, storage), "velum:edits:a", server);
  void again.queue.resume();
  await world.calm();
  expect([server.applied, again.queue.unsaved, again.stopped]).toEqual([["typed"], false, false]);
});
