"use client";

import { useState } from "react";
import { setSeriesLook } from "@/investigation/acts/setSeriesLook";
import { plainSeriesLook, type SeriesLook } from "@/investigation/model/figure";
import { seriesName } from "@/pipeline/figure/figure";
import { seriesLookFurther as further, seriesLookWords } from "@/wording/looks";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { Tick } from "../parts/Tick";
import { useFigure } from "../store/useEvaluated";
import { useFigureFit } from "../store/useFigureFit";
import { useActs } from "../store/useInvestigation";

const parts = Object.keys(seriesLookWords) as (keyof typeof seriesLookWords)[];

type Change = (part: Partial<SeriesLook>, field?: string) => void;

/** Marker, size, colour and line, each a choice. */
function Choices({ look, change }: { look: SeriesLook; change: Change }) {
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-2">
      {parts.map((part) => {
        const { label, words } = seriesLookWords[part];
        return (
          <Choice
            key={part}
            label={label}
            value={look[part] as string}
            options={Object.entries(words).map(([value, word]) => ({ value, label: word }))}
            onChange={(value) => change({ [part]: value })}
          />
        );
      })}
    </div>
  );
}

/** How one series of the figure is drawn: its marker, size, colour, line, and its words in the legend. */
export function SeriesLookPanel() {
  const chosen = useFigure();
  const fit = useFigureFit();
  const { act } = useActs();
  const [wanted, setWanted] = useState("");
  const groups = fit?.groups ?? [];
  const one = groups.find(({ key }) => key === wanted) ?? groups[0];
  if (!chosen || !fit || !one) return null;
  const look = chosen.figure.seriesLooks[one.key] ?? plainSeriesLook;
  const change: Change = (part, field) =>
    act(
      setSeriesLook,
      { figure: chosen.id, series: one.key, change: part },
      field && `series-${field}/${one.key}/${chosen.id}`,
    );
  const name = (of: typeof one) => seriesName(of, fit) || further.alone;
  return (
    <div className="flex flex-col gap-2">
      {groups.length > 1 && (
        <Choice
          label={further.which}
          value={one.key}
          options={groups.map((group) => ({ value: group.key, label: name(group) }))}
          onChange={setWanted}
        />
      )}
      <Choices look={look} change={change} />
      <TextField
        label={further.legend}
        value={look.legend}
        placeholder={groups.length > 1 ? name(one) : ""}
        onChange={(legend) => change({ legend }, "legend")}
      />
      <Tick
        label={further.filled}
        checked={look.filled}
        onChange={(filled) => change({ filled })}
      />
      {chosen.figure.look.style === "print" && (
        <p className="text-soft text-xs">{further.printed}</p>
      )}
      <Button look="quiet" className="self-start" onClick={() => change(plainSeriesLook)}>
        {further.again}
      </Button>
    </div>
  );
}
