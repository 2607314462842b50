import { type UsualReason, usualReasons } from "@/investigation/model/reason";
import { reasonText } from "@/wording/settingAside";
import { Choice } from "./Choice";

interface Props {
  label: string;
  value: UsualReason;
  onChange: (reason: UsualReason) => void;
}

/** Why readings are set aside: one of the usual reasons. */
export function ReasonChoice({ label, value, onChange }: Props) {
  const options = usualReasons.map((usual) => ({ value: usual, label: reasonText({ usual }) }));
  return <Choice label={label} value={value} options={options} onChange={onChange} />;
}
