"use client";

import { Trash2 } from "lucide-react";
import { nanoid } from "nanoid";
import { addCriterion } from "@/investigation/acts/addCriterion";
import { removeCriterion } from "@/investigation/acts/removeCriterion";
import { setCriterion } from "@/investigation/acts/setCriterion";
import type { Brief, Criterion } from "@/investigation/model/brief";
import { limits } from "@/investigation/model/limits";
import { inOrder } from "@/investigation/model/order";
import { briefWords } from "@/wording/briefs";
import { Button } from "../parts/Button";
import { TextField } from "../parts/TextField";
import { useActs } from "../store/useInvestigation";

const words = briefWords.sheet;

function CriterionRow({ id, criterion }: { id: string; criterion: Criterion }) {
  const { act } = useActs();
  const { text, points } = criterion;
  const setPoints = (typed: string) => {
    const wanted = Math.round(Number(typed));
    if (!/^\d{0,3}$/.test(typed.trim()) || wanted > limits.points) return;
    act(setCriterion, { criterion: id, change: { points: wanted } }, `points/${id}`);
  };
  return (
    <li className="flex items-end gap-2">
      <TextField
        label={words.criterion}
        value={text}
        onChange={(typed) =>
          act(setCriterion, { criterion: id, change: { text: typed } }, `criterion/${id}`)
        }
        className="min-w-0 flex-1"
      />
      <TextField
        label={words.points}
        value={`${points}`}
        onChange={setPoints}
        className="w-16 shrink-0"
      />
      <Button
        look="quiet"
        aria-label={words.remove(text)}
        title={words.remove(text)}
        onClick={() => act(removeCriterion, { criterion: id })}
      >
        <Trash2 aria-hidden size={16} />
      </Button>
    </li>
  );
}

/** What the teacher looks for, each with its points. */
export function Criteria({ brief }: { brief: Brief }) {
  const { act } = useActs();
  const entries = inOrder(brief.criteria);
  const total = entries.reduce((sum, [, { points }]) => sum + points, 0);
  return (
    <section>
      <h3 className="text-soft text-xs">{words.criteria}</h3>
      {entries.length === 0 && <p className="text-soft mt-1">{words.criteriaNone}</p>}
      <ul className="mt-1 space-y-1.5">
        {entries.map(([id, criterion]) => (
          <CriterionRow key={id} id={id} criterion={criterion} />
        ))}
      </ul>
      <div className="mt-2 flex items-center gap-4">
        <Button
          disabled={entries.length >= limits.criteria}
          onClick={() => act(addCriterion, { criterion: nanoid(8) })}
        >
          {words.add}
        </Button>
        {entries.length > 0 && <span className="text-soft">{words.total({ points: total })}</span>}
      </div>
    </section>
  );
}
