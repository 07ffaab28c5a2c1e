import fc from "fast-check";
import { expect, test } from "vitest";
import { drawn, inWords, lineName, lineNamed, mayJoin, together, type Dot } from "./lines";

const dot = (id: string, side: Dot["side"], name = ""): Dot => ({ id, x: 0, y: 0, side, name });
const DOTS = [
  dot("tern", "start", "tern"),
  dot("seal", "start"),
  dot("rock", "end"),
  dot("nest", "end", "nest"),
];

test("a line has one name, whichever of its dots came first", () => {
  expect(lineName(DOTS, { a: "nest", b: "tern" })).toBe("terntonest");
  expect(lineNamed(DOTS, "terntonest")).toEqual({ a: "tern", b: "nest" });
  for (const name of ["nesttotern", "terntogull", "to", ""]) expect(lineNamed(DOTS, name)).toBeUndefined();
});

test("a line goes to the other side, drawn again it goes away, and takes the place of another where one may end", () => {
  const [tern, seal, rock] = DOTS as [Dot, Dot, Dot, Dot];
  expect([mayJoin(tern, seal), mayJoin(tern, rock), mayJoin(tern, tern)]).toEqual([false, true, false]);
  const field = { dots: DOTS, one_each: true };
  const line = { a: "tern", b: "rock" };
  expect(drawn(field, [line], line)).toEqual([["terntorock", false]]);
  expect(drawn(field, [line], { a: "seal", b: "rock" })).toEqual([
    ["terntorock", false],
    ["sealtorock", true],
  ]);
  expect(drawn({ ...field, one_each: false }, [line], { a: "seal", b: "rock" })).toEqual([
    ["sealtorock", true],
  ]);
});

test("whatever was drawn, one line at most ends at each dot where the teacher says so", () => {
  const ends = fc.tuple(fc.constantFrom("tern", "seal"), fc.constantFrom("rock", "nest"), fc.boolean());
  fc.assert(
    fc.property(fc.array(ends), (moves) => {
      const entries = new Map<string, { drawn: boolean }>();
      for (const [a, b, is] of moves) {
        entries.delete(lineName(DOTS, { a, b }));
        entries.set(lineName(DOTS, { a, b }), { drawn: is });
      }
      const used = together({ dots: DOTS, one_each: true }, entries).flatMap(({ a, b }) => [a, b]);
      expect(new Set(used).size).toBe(used.length);
      const last = moves.at(-1);
      if (last?.[2]) expect(used).toEqual(expect.arrayContaining([last[0], last[1]]));
    }),
  );
});

test("lines are said by what is printed at their dots, or by their places", () => {
  expect(inWords(DOTS, [{ a: "tern", b: "nest" }])).toBe("tern – nest");
  expect(inWords(DOTS, [{ a: "seal", b: "rock" }])).toBe("2 – A");
});
