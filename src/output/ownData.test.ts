import { unzipSync } from "fflate";
import { samples } from "@/investigation/samples/samples";
import { readInvestigationFile } from "@/intake/investigationFile";
import { reportHtml } from "./documents/reportHtml";
import { ownDataZip } from "./ownData";

test("everything of a person's own comes out, and each investigation back in", async () => {
  const documents = [samples.clampedRule(), samples.constantanWires(), samples.clampedRule()];
  const told: number[] = [];
  const html: typeof reportHtml = (report) => reportHtml(report, async () => "");
  const files = unzipSync(await ownDataZip(documents, (part) => told.push(part), html));
  const folders = new Set(Object.keys(files).map((name) => name.split("/")[0]));
  expect(folders.size).toBe(3);
  expect(told.at(-1)).toBe(1);
  const text = (name: string) => Buffer.from(files[name]!).toString("utf8");
  const [first] = [...folders].filter((name) => name!.startsWith("Springiness"));
  expect(readInvestigationFile(text(`${first}/investigation.json`))).toMatchObject({
    document: documents[0],
  });
  expect(text(`${first}/readings.csv`)).toContain("0.200");
  expect(text(`${first}/write-up.html`)).toContain("<h1>Springiness of a clamped rule</h1>");
});
