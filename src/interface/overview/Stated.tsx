import type { RunText } from "@/core/unit/runText";
import { RunTextView } from "../parts/RunTextView";

const sign = "±";

/** A statement as its bench makes it, its ± in magenta: "12.5 ± 0.4", "(1.25 ± 0.04) × 10⁵". */
export function StatedRuns({ runs }: { runs: RunText }) {
  return (
    <span className="whitespace-nowrap">
      {runs.map((run, index) => {
        const at = run.text.indexOf(sign);
        if (at < 0) return <RunTextView key={index} runs={[run]} />;
        const closed = run.text.endsWith(")");
        const until = closed ? run.text.length - 1 : run.text.length;
        return (
          <span key={index}>
            {run.text.slice(0, at)}
            <span className="text-(--uncertain)">{run.text.slice(at, until)}</span>
            {closed && ")"}
          </span>
        );
      })}
    </span>
  );
}
