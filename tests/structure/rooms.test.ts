import { readdirSync, readFileSync, statSync } from "node:fs";
import { join } from "node:path";

const root = join(__dirname, "../..");
const isFolder = (path: string) => statSync(join(root, "src", path)).isDirectory();
const within = (path: string) =>
  readdirSync(join(root, "src", path)).filter((name) => isFolder(join(path, name)));

/** Rooms that are not divided further in the list. */
const undivided = [
  ...[
    "remembered",
    "intake",
    "marks",
    "overview",
    "instruments",
    "wording",
    "workers",
    "protocol",
    "app",
  ],
];

const rooms = within("").flatMap((room) =>
  undivided.includes(room) ? [room] : within(room).map((part) => `${room}/${part}`),
);

test("docs/architecture.md lists every room of the house, and no other", () => {
  const page = readFileSync(join(root, "docs/architecture.md"), "utf8");
  const [, list = ""] = /## Rooms\n([\s\S]*?)\n## /.exec(page) ?? [];
  const listed = [...list.matchAll(/^\| `([\w/]+)`/gm)].map((match) => match[1]);
  expect(listed.sort()).toEqual(rooms.sort());
});
