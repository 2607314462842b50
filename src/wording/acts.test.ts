import { readdirSync } from "node:fs";
import { join } from "node:path";
import { actWords, namedCommand } from "./acts";

const folder = join(process.cwd(), "src/investigation/acts");
const files = readdirSync(folder).filter((file) => /^(?!act\.)[^.]+\.ts$/.test(file));

test("every act has words of its own, by which it is undone", async () => {
  const names: string[] = [];
  for (const file of files) {
    const held = (await import(`../investigation/acts/${file}`)) as Record<string, unknown>;
    for (const one of Object.values(held)) {
      const { name, change } = (one ?? {}) as { name?: string; change?: unknown };
      if (typeof one === "object" && name !== undefined && change !== undefined) names.push(name);
    }
  }
  expect(names.length).toBeGreaterThan(60);
  expect(names.filter((name) => actWords[name] === undefined)).toEqual([]);
  expect(new Set(names.map((name) => actWords[name])).size).toBe(names.length);
  expect(Object.keys(actWords).sort()).toEqual(names.sort());
});

test("what is undone is named", () => {
  expect(namedCommand("Undo", "type-readings")).toBe("Undo: readings typed");
  expect(namedCommand("Undo", undefined)).toBe("Undo");
});
