import { execFileSync } from "node:child_process";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { perform } from "@/investigation/history/edit";
import { samples } from "@/investigation/samples/samples";
import { reportHtml } from "@/output/documents/reportHtml";
import { reportMarkdown } from "@/output/documents/reportMarkdown";
import type { Inline, Report } from "@/output/report/report";
import { reportOf } from "../fixtures/sampleReport";

function withWords(...paragraphs: readonly (readonly Inline[])[]): Report {
  const { report } = reportOf(samples.clampedRule());
  const [block] = report.blocks;
  const typed = paragraphs.map((inlines) => ({ kind: "paragraph" as const, inlines }));
  return { ...report, blocks: [{ ...block!, typed, shown: [] }] };
}

const words = (text: string): Inline[] => [{ kind: "text", text }];

/** What pandoc makes of Markdown: plain text where nothing is a list, a rule, a citation or a command. */
function asHtml(markdown: string): string {
  return execFileSync("pandoc", ["-f", "markdown", "-t", "html", "--wrap=none"], {
    input: markdown,
    encoding: "utf8",
  });
}

test("words that look like signs of Markdown come through pandoc as they were typed", () => {
  const typed = [
    "- a dash",
    "+ 2 K",
    "1. first",
    "a) then",
    "--- x",
    "R & D @home ~ ^2 *x* _y_",
    "100 %",
    "= 5",
    ": so",
  ];
  const html = asHtml(reportMarkdown(withWords(...typed.map(words))));
  expect(html.match(/<p>/g)).toHaveLength(typed.length);
  expect(html).not.toMatch(/<(li|hr|em|sup|sub|h\d|dl)\b/);
  expect(html).toContain("<p>R &amp; D @home ~ ^2 *x* _y_</p>");
});

test("raised and lowered letters come through pandoc, spaces within them too", () => {
  const raised: Inline[] = [
    { kind: "text", text: "T" },
    { kind: "text", text: "first run", marks: ["sub"] },
    { kind: "text", text: "2", marks: ["super"] },
  ];
  expect(asHtml(reportMarkdown(withWords(raised)))).toContain(
    "T<sub>first\u00a0run</sub><sup>2</sup>",
  );
});

test("a figure's picture says what it shows", () => {
  expect(reportMarkdown(reportOf(samples.clampedRule()).report)).toMatch(/!\[[^\]]*T\\?² against/);
});

test("no formula is left as TeX in the web page, whatever its symbols", async () => {
  const named = perform(samples.clampedRule(), describeQuantity, {
    quantity: "time",
    symbol: "t\\~^#",
  }).document;
  const html = await reportHtml(reportOf(named).report, async () => "");
  expect(html).not.toMatch(/\\(frac|mathrm|backslash|Delta|displaystyle)/);
  expect(html).toContain("<math");
});
