import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { root } from "./run.mjs";

/** Where the page of licences is, shown from the sign-in page and the shelf. */
const page = join(root, "public/licences.txt");

const isText = (file) => /\/(licen[cs]e|copying|ofl)[^/]*$/i.test(file ?? "") && existsSync(file);

/** The library is asked for only now: on a new machine this file is read before the packages are there. */
async function packages() {
  const { init } = await import("license-checker-rseidelsohn");
  return new Promise((resolve, reject) => {
    init({ start: root, production: true, excludePrivatePackages: true }, (error, found) =>
      error ? reject(error) : resolve(found),
    );
  });
}

/** Writes the licences of all that is shipped, libraries and fonts; a text that many share stands once. */
export async function writeLicences() {
  const found = Object.entries(await packages()).sort(([a], [b]) => (a < b ? -1 : 1));
  const byText = new Map();
  for (const [name, { licenses, licenseFile }] of found) {
    const text = isText(licenseFile) ? readFileSync(licenseFile, "utf8").trim() : "";
    const stated = licenses === "UNKNOWN" ? "no licence stated" : licenses;
    byText.set(text, [...(byText.get(text) ?? []), `${name}: ${stated}`]);
  }
  const parts = [...byText].map(([text, names]) =>
    [names.join("\n"), text].filter(Boolean).join("\n\n"),
  );
  const head = `Fathom Rule is made with these ${found.length} packages, fonts among them.`;
  writeFileSync(page, [head, ...parts].join(`\n\n${"-".repeat(72)}\n\n`) + "\n");
}
