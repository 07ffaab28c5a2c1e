import { expect, test } from "vitest";
import { Failure } from "../api/failure";
import { FileKeeper, fileNamesOf } from "./file_keeper";
import { FATES, Storage, Tab, World } from "./trial/world";
import fc from "fast-check";

const COPY = "copy1";
const file = (text: string) => new Blob([text]);

/** A student with a tab, and what the server and the answers came to. */
function begun(world: World, storage: Storage, sent: [string, string][], refused: string[]) {
  const tab = new Tab(world, storage);
  let waiting: ReadonlyMap<string, Blob> = new Map();
  const keeper = new FileKeeper(
    COPY,
    {
      send: (field, blob) =>
        world.send(tab, () => {
          if (blob.size === 3) throw new Failure("sound.unknown", "No sound.", 422);
          return `${field}${blob.size}`;
        }),
      onSent: (field, name) => sent.push([field, name]),
      onRefused: (_, message) => refused.push(message),
      onWaiting: (now) => (waiting = now),
    },
    tab.around,
  );
  return { tab, keeper, waiting: () => [...waiting.keys()] };
}

function alone() {
  const [world, storage] = [new World(), new Storage()];
  const sent: [string, string][] = [];
  const refused: string[] = [];
  return { world, storage, sent, refused, ...begun(world, storage, sent, refused) };
}

test("a file is kept until the server has it", async () => {
  const { world, storage, sent, keeper, waiting } = alone();
  keeper.put("photo1", file("x"));
  expect(storage.names(fileNamesOf(COPY))).toHaveLength(1);
  await world.decide(0, "lost");
  expect(waiting()).toEqual(["photo1"]);
  await world.calm();
  expect([sent, waiting(), storage.names(fileNamesOf(COPY))]).toEqual([[["photo1", "photo11"]], [], []]);
});

test("a reload goes on with it", async () => {
  const { world, storage, sent, refused, keeper, tab } = alone();
  keeper.put("photo1", file("x"));
  tab.close();
  const again = begun(world, storage, sent, refused);
  again.keeper.begin();
  await world.calm();
  expect([sent, again.waiting()]).toEqual([[["photo1", "photo11"]], []]);
});

test("nothing is left on the device of a copy that takes nothing more", () => {
  const { storage, keeper } = alone();
  keeper.put("photo1", file("x"));
  keeper.forget();
  expect(storage.names(fileNamesOf(COPY))).toEqual([]);
});

test("what is refused is told and not sent again, and all else goes on", async () => {
  const { world, sent, refused, keeper, waiting } = alone();
  keeper.put("voice1", file("bad"));
  keeper.put("photo1", file("x"));
  await world.calm();
  expect([refused, sent, waiting()]).toEqual([["No sound."], [["photo1", "photo11"]], []]);
});

test("what is chosen while another is sent takes its place", async () => {
  const { world, sent, keeper } = alone();
  keeper.put("photo1", file("x"));
  keeper.put("photo1", file("xxxxx"));
  await world.calm();
  expect(sent).toEqual([["photo1", "photo15"]]);
});

test("whatever becomes of the network, the last file of each field comes in the end", async () => {
  const steps = fc.array(
    fc.oneof(
      fc.record({ is: fc.constant("put"), field: fc.nat(2), size: fc.integer({ min: 4, max: 9 }) }),
      fc.record({ is: fc.constant("decide"), which: fc.nat(2), fate: fc.constantFrom(...FATES) }),
      fc.record({ is: fc.constant("pass"), milliseconds: fc.constantFrom(1, 3_000) }),
    ),
    { maxLength: 25 },
  );
  await fc.assert(
    fc.asyncProperty(steps, async (steps) => {
      const { world, storage, sent, keeper } = alone();
      const last = new Map<string, string>();
      for (const step of steps) {
        if ("size" in step) {
          keeper.put(`field${step.field}`, file("x".repeat(step.size)));
          last.set(`field${step.field}`, `field${step.field}${step.size}`);
        } else if ("fate" in step) await world.decide(step.which, step.fate);
        else await world.pass(step.milliseconds);
      }
      await world.calm();
      expect(new Map(sent)).toEqual(last);
      expect(storage.names(fileNamesOf(COPY))).toEqual([]);
    }),
    { numRuns: 150 },
  );
});
