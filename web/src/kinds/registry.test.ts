import { expect, test } from "vitest";
import { Registry } from "./registry";

test("a kind is loaded when it is asked for, and once", async () => {
  const loads: string[] = [];
  const load = (name: string) => () => Promise.resolve(loads.push(name) && name);
  const registry = new Registry({ shell: load("shell"), crab: load("crab") });
  expect(registry.names).toEqual(["shell", "crab"]);
  expect(() => registry.get("crab")).toThrow("crab");
  await registry.load(["crab", "crab"]);
  await registry.load(["crab"]);
  expect(registry.get("crab")).toBe("crab");
  expect(loads).toEqual(["crab"]);
  expect(() => registry.get("shell")).toThrow("shell");
});

test("what could not be fetched can be asked for again", async () => {
  let online = false;
  const registry = new Registry({
    crab: () => (online ? Promise.resolve("crab") : Promise.reject(new Error("offline"))),
  });
  await expect(registry.load(["crab"])).rejects.toThrow("offline");
  online = true;
  await registry.load(["crab"]);
  expect(registry.get("crab")).toBe("crab");
});
