import { partsTexts } from "@/wording/partsTexts";
import type { MonteCarlo } from "@/core/uncertainty/monteCarlo";
import { writeNumber } from "@/core/number/writtenNumber";

const width = 320;
const height = 84;
const ground = 64;

function label(value: number): string {
  const { mantissa, exponent } = writeNumber(value, 3);
  if (exponent === undefined) return mantissa;
  const raised = [...String(exponent)].map((sign) => "⁰¹²³⁴⁵⁶⁷⁸⁹"[Number(sign)] ?? "⁻").join("");
  return `${mantissa} × 10${raised}`;
}

/** How the draws fell, with the symmetric 95 % interval dotted and the shortest one as a bar beneath. */
export function Histogram({
  result,
  shown,
}: {
  result: MonteCarlo;
  shown: (value: number) => number;
}) {
  const { from, to, counts } = result.histogram;
  if (!(to > from)) return null;
  const most = Math.max(...counts);
  const across = (value: number) => ((value - from) / (to - from)) * width;
  const steps = counts
    .map((count, index) => {
      const left = (index / counts.length) * width;
      const right = ((index + 1) / counts.length) * width;
      const y = ground - (count / most) * (ground - 6);
      return `L${left.toFixed(1)} ${y.toFixed(1)}L${right.toFixed(1)} ${y.toFixed(1)}`;
    })
    .join("");
  const [low, high] = result.symmetric;
  const [left, right] = result.shortest;
  const said = partsTexts.histogramOfTheDraws95({
    label: label(shown(low)),
    label2: label(shown(high)),
  });
  return (
    <svg viewBox={`0 0 ${width} ${height}`} role="img" aria-label={said} className="mt-1 w-full">
      <path d={`M0 ${ground}${steps}L${width} ${ground}Z`} className="fill-magenta/25" />
      <path d={`M0 ${ground}H${width}`} className="stroke-soft" />
      {[low, high].map((value) => (
        <path
          key={value}
          d={`M${across(value).toFixed(1)} 4V${ground}`}
          className="stroke-magenta"
          strokeDasharray="2 3"
        />
      ))}
      <path
        d={`M${across(left).toFixed(1)} ${ground + 4}H${across(right).toFixed(1)}`}
        className="stroke-magenta"
        strokeWidth={3}
      />
      {[low, high].map((value) => (
        <text
          key={value}
          x={Math.min(width - 20, Math.max(20, across(value)))}
          y={height - 2}
          textAnchor="middle"
          fontSize={12}
          className="fill-ink"
        >
          {label(shown(value))}
        </text>
      ))}
    </svg>
  );
}
