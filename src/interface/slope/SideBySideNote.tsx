"use client";

import { type ReactNode, useMemo, useState } from "react";
import { writeNumber, writeStatement } from "@/core/number/writtenNumber";
import { writeSlopeUnit, writeUnitText } from "@/core/unit/unitText";
import type { Figure } from "@/investigation/model/figure";
import { seriesName } from "@/pipeline/figure/figure";
import type { FigureFit } from "@/pipeline/lines/fit";
import {
  type Contender,
  contenders,
  differenceFigure,
  sideBySide,
  type SideBySide,
} from "@/pipeline/figure/sideBySide";
import { sideBySideWords as words } from "@/wording/sideBySide";
import { Choice } from "../parts/Choice";
import { Foldable } from "../parts/Foldable";
import { SceneView } from "../parts/SceneView";
import { NumberView, StatementView } from "../parts/StatementView";
import { useCurvesOf } from "../store/CurvesProvider";
import { useHouseRules } from "../store/useEvaluated";

interface Props {
  id: string;
  figure: Figure;
  fit: FigureFit;
}

/** What a contender is called, with its series where there are several. */
function nameOf({ kind, name, series }: Contender, fit: FigureFit, weighted: boolean): string {
  const called = { curve: name, alike: words.alike, line: weighted ? words.weighted : words.line };
  const group = fit.groups.length > 1 && fit.groups.find(({ key }) => key === series);
  return group ? `${called[kind]}: ${seriesName(group, fit)}` : called[kind];
}

function Numbers({ found, names }: { found: SideBySide; names: readonly [string, string] }) {
  const { figuresOfUncertainty } = useHouseRules();
  const { first, x, difference, largest, scatter, slopes } = found;
  const [across, up] = [first.points.x.quantity.unit, first.points.y.quantity.unit];
  const slopeUnit = writeSlopeUnit(up, across);
  const rows: readonly (readonly [ReactNode, ReactNode])[] = [
    [
      words.largest,
      <>
        <NumberView
          number={writeNumber(difference[largest] as number, 2)}
          unit={writeUnitText(up)}
        />{" "}
        {words.at}{" "}
        <NumberView number={writeNumber(x[largest] as number, 2)} unit={writeUnitText(across)} />
      </>,
    ],
    ...names.map(
      (name, i) =>
        [
          `${name}: ${words.off}`,
          <NumberView key={i} number={writeNumber(scatter[i] as number, 2)} unit={writeUnitText(up)} />, // prettier-ignore
        ] as const,
    ),
  ];
  return (
    <>
      <dl data-testid="side-by-side" className="grid grid-cols-[1fr_auto] gap-x-4 gap-y-1">
        {rows.map(([term, value], i) => (
          <div key={i} className="contents">
            <dt className="text-soft min-w-0 break-words">{term}</dt>
            <dd className="text-right">{value}</dd>
          </div>
        ))}
        {slopes && (
          <>
            <dt className="text-soft">{words.slopes}</dt>
            <dd className="text-right">
              {slopes.error !== undefined && slopes.error > 0 ? (
                <StatementView
                  statement={writeStatement(slopes.difference, slopes.error, figuresOfUncertainty)}
                  unit={slopeUnit}
                />
              ) : (
                <NumberView number={writeNumber(slopes.difference, 2)} unit={slopeUnit} />
              )}
            </dd>
          </>
        )}
      </dl>
      {slopes && slopes.error === undefined && <p className="text-soft">{words.same}</p>}
    </>
  );
}

function Compared({ found, names }: { found: SideBySide; names: readonly [string, string] }) {
  const rules = useHouseRules();
  const { difference } = words;
  const figure = useMemo(
    () => differenceFigure(found, difference, rules),
    [found, difference, rules],
  );
  return (
    <div className="flex flex-col gap-2">
      <SceneView figure={figure} />
      <p className="text-soft">
        {words.less} {!found.shared && words.apart}
      </p>
      <Numbers found={found} names={names} />
    </div>
  );
}

/** Two lines or curves of the figure, chosen, with the difference between them drawn and told. */
export function SideBySideNote({ id, figure, fit }: Props) {
  const rules = useHouseRules();
  const curves = useCurvesOf(id);
  const [chosen, setChosen] = useState<{ first?: string; second?: string }>({});
  const fitted = curves.flatMap(({ fitted: one }) => one ?? []);
  const all = contenders(fit, fitted, figure.line, rules);
  const find = (wanted: string | undefined, otherwise: number) =>
    all.find((one) => one.id === wanted) ?? all[otherwise];
  const [first, second] = [find(chosen.first, 0), find(chosen.second, 1)];
  const named = (one: Contender) => nameOf(one, fit, figure.line.weights !== "none");
  const found = first && second && first.id !== second.id ? sideBySide(first, second) : undefined;
  const options = all.map((one) => ({ value: one.id, label: named(one) }));
  return (
    <Foldable title={words.title}>
      {first && second ? (
        <div className="flex flex-col gap-2">
          <div className="grid grid-cols-2 gap-3">
            {(
              [
                ["first", first],
                ["second", second],
              ] as const
            ).map(([which, one]) => (
              <Choice
                key={which}
                label={words[which]}
                value={one.id}
                options={options}
                onChange={(next) => setChosen((before) => ({ ...before, [which]: next }))}
              />
            ))}
          </div>
          {found ? (
            <Compared found={found} names={[named(first), named(second)]} />
          ) : (
            <p className="text-soft">{words.nothing}</p>
          )}
        </div>
      ) : (
        <p className="text-soft">{words.invitation}</p>
      )}
    </Foldable>
  );
}
