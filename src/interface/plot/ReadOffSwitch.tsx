"use client";

import { plotTexts } from "@/wording/plotTexts";
import { Crosshair, MousePointer2 } from "lucide-react";
import { Button } from "../parts/Button";
import type { TouchMode } from "./FigureTouch";

interface Props {
  mode: TouchMode;
  onChange: (mode: TouchMode) => void;
}

/** What a pointer on the figure does: point at readings, or read off anywhere. */
export function ReadOffSwitch({ mode, onChange }: Props) {
  return (
    <div role="group" aria-label={plotTexts.pointingAtTheFigure} className="ml-auto flex gap-1">
      <Button
        look={mode === "points" ? "plain" : "quiet"}
        aria-pressed={mode === "points"}
        onClick={() => onChange("points")}
      >
        <MousePointer2 aria-hidden size={14} /> {plotTexts.pointAtReadings}
      </Button>
      <Button
        look={mode === "read-off" ? "plain" : "quiet"}
        aria-pressed={mode === "read-off"}
        onClick={() => onChange("read-off")}
      >
        <Crosshair aria-hidden size={14} /> {plotTexts.readOff}
      </Button>
    </div>
  );
}
