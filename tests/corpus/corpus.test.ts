import { runCorpus } from "./runCorpus";

jest.setTimeout(120_000);

test("of investigations with hard texts and sizes, nothing is lost in any kind of file", async () => {
  const names = ["PDF", "DOCX", "HTML", "Markdown", "SVG", "CSV and XLSX", "JSON"];
  const { formats, complaints } = await runCorpus(7, [0, 3, 7, 12], { names });
  expect(formats).toEqual(names);
  expect(complaints).toEqual([]);
});
