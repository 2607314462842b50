import { Scrolled } from "./Scrolled";
import { Typeset } from "./Typeset";

interface Props {
  /** What the line works out, for those who hear it. */
  label: string;
  tex: string;
  /** How it is lettered. */
  tone?: string;
}

/** A line of working beside what it works out. */
export function WorkedTerm({ label, tex, tone = "" }: Props) {
  return (
    <dd className={`min-w-0 ${tone}`}>
      <Scrolled label={label}>
        <Typeset tex={tex} />
      </Scrolled>
    </dd>
  );
}
