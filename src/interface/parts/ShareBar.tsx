import { partsTexts } from "@/wording/partsTexts";
interface Props {
  name: string;
  /** From 0 to 1. */
  share: number;
  /** The mean share over all rows, where there are rows. */
  all?: number;
}

/** How much of a ± one input brings. */
export function ShareBar({ name, share, all }: Props) {
  const percent = Math.round(share * 100);
  const title =
    all === undefined ? undefined : partsTexts.overAllRowsRound({ round: Math.round(all * 100) });
  return (
    <li className="grid grid-cols-[120px_1fr_minmax(44px,max-content)] items-center gap-2 py-0.5">
      <span className="truncate" title={name}>
        {name}
      </span>
      <span className="bg-magenta-wash relative h-2" aria-hidden>
        <span className="bg-magenta absolute inset-y-0 left-0" style={{ width: `${percent}%` }} />
      </span>
      <span className="text-right" title={title}>
        {partsTexts.percent({ percent })}
      </span>
    </li>
  );
}
