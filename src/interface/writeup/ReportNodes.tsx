"use client";

import { writeupTexts } from "@/wording/writeupTexts";
import { Fragment, type ReactNode } from "react";
import type {
  Inline,
  ReportCell,
  ReportHead,
  ReportNode,
  ReportTable,
  WorkingLine,
} from "@/output/report/report";
import { WorkedTerm } from "../parts/WorkedTerm";
import { DrawnScene } from "../parts/DrawnScene";
import { RunTextView } from "../parts/RunTextView";
import { StillFigure } from "../parts/StillFigure";
import { Typeset } from "../parts/Typeset";
import { saidMemo } from "../language/saidMemo";

function InlineView({ inline }: { inline: Inline }): ReactNode {
  switch (inline.kind) {
    case "formula":
      return <Typeset tex={inline.tex} />;
    case "reference":
      return inline.text;
    case "value":
      return <RunTextView runs={inline.runs} />;
    case "text": {
      let shown: ReactNode = inline.text;
      for (const mark of inline.marks ?? []) {
        const Tag = { bold: "b", italic: "i", sub: "sub", super: "sup" }[mark] as "b";
        shown = <Tag>{shown}</Tag>;
      }
      return shown;
    }
  }
}

function Head({ head, last }: { head: ReportHead; last: boolean }) {
  return (
    <th
      scope={head.span > 1 ? "colgroup" : "col"}
      colSpan={head.span}
      className={`px-2 pt-0.5 align-top font-semibold ${head.span > 1 ? "text-center" : "text-right"} ${last ? "pb-1" : ""}`}
    >
      <RunTextView runs={head.runs} />
      {head.uncertainty && (
        <span className="text-magenta block font-normal">{head.uncertainty}</span>
      )}
    </th>
  );
}

function Cell({ cell: { runs, uncertainty, aside } }: { cell: ReportCell }) {
  return (
    <td className="px-2 py-px text-right whitespace-nowrap">
      {aside ? (
        <s>
          <RunTextView runs={runs} />
        </s>
      ) : (
        <RunTextView runs={runs} />
      )}
      {aside && <sup>{aside}</sup>}
      {uncertainty && <span className="text-magenta"> {uncertainty}</span>}
    </td>
  );
}

/** A table as a report prints it. */
function TableView({ table }: { table: ReportTable }) {
  const columns = (table.heads.at(-1) ?? []).length;
  return (
    <div
      className="overflow-x-auto"
      tabIndex={0}
      role="group"
      aria-label={writeupTexts.tableOfTheReport}
    >
      <table className="border-ink border-y-[1.5px] tabular-nums">
        <thead className="border-ink border-b">
          {table.heads.map((heads, line) => (
            <tr key={line}>
              {heads.map((head, i) =>
                head.runs.length > 0 ? (
                  <Head key={i} head={head} last={line === table.heads.length - 1} />
                ) : (
                  <td key={i} colSpan={head.span} />
                ),
              )}
            </tr>
          ))}
        </thead>
        {table.groups.map((group, g) => (
          <tbody key={g}>
            {group.name && (
              <tr>
                <th
                  scope="rowgroup"
                  colSpan={columns}
                  className="px-2 pt-1 text-left font-normal italic"
                >
                  {group.name}
                </th>
              </tr>
            )}
            {group.rows.map((cells, row) => (
              <tr key={row}>
                {cells.map((cell, i) => (
                  <Cell key={i} cell={cell} />
                ))}
              </tr>
            ))}
          </tbody>
        ))}
      </table>
      {table.notes.map(({ letter, text }) => (
        <p key={text} className="text-soft text-xs">
          <sup>{letter}</sup> {text}
        </p>
      ))}
    </div>
  );
}

const tones = { plain: "", uncertain: "text-magenta", stated: "font-semibold" } as const;

/** A line of working as it is typeset. */
export function workingTex({ tex }: WorkingLine): string {
  return `\\displaystyle ${tex}`;
}

/** Lines of working, each behind what it is. */
function WorkingView({ lines }: { lines: readonly WorkingLine[] }) {
  return (
    <dl className="grid grid-cols-[150px_1fr] items-center gap-x-3 gap-y-1.5 max-[700px]:grid-cols-1">
      {lines.map((line, i) => (
        <Fragment key={i}>
          <dt className="text-soft">
            {line.label} {line.of && <Typeset tex={line.of} />}
          </dt>
          <WorkedTerm
            label={writeupTexts.aLineOfTheWorking}
            tex={workingTex(line)}
            tone={tones[line.tone]}
          />
        </Fragment>
      ))}
    </dl>
  );
}

function NodeView({ node }: { node: ReportNode }): ReactNode {
  switch (node.kind) {
    case "title":
      return (
        <>
          <h2 className="font-serif text-[24px] leading-tight font-semibold">{node.text}</h2>
          <p className="text-soft font-serif">{node.authors}</p>
        </>
      );
    case "heading":
      return <h3 className="mb-1 font-serif text-[18px] font-semibold">{node.text}</h3>;
    case "paragraph":
    case "bullet":
    case "number":
      return (
        <p className="font-serif text-base">
          {node.kind === "bullet" && "• "}
          {node.kind === "number" && `${node.ordinal}. `}
          {node.inlines.map((inline, i) => (
            <InlineView key={i} inline={inline} />
          ))}
        </p>
      );
    case "table":
      return (
        <figure className="my-1">
          <figcaption className="mb-1 font-serif">
            <b>{node.called}.</b> <RunTextView runs={node.caption} />
          </figcaption>
          <TableView table={node.table} />
        </figure>
      );
    case "figure":
      return (
        <div className="max-w-[620px]">
          <StillFigure figure={node.figure} />
        </div>
      );
    case "working":
      return <WorkingView lines={node.lines} />;
    case "statement":
      return (
        <p className="my-1 text-[20px]">
          <Typeset tex={node.tex} />
        </p>
      );
    case "number-line":
      return (
        <div className="max-w-[620px]">
          <DrawnScene scene={node.scene} label={node.description} />
        </div>
      );
  }
}

/** What a block shows, as the report prints it. */
export const ReportNodes = saidMemo(function ReportNodes({
  nodes,
}: {
  nodes: readonly ReportNode[];
}) {
  return nodes.map((node, i) => <NodeView key={i} node={node} />);
});
