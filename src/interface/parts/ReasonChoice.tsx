import { reasonsToSetAside } from "@/wording/settingAside";
import { Choice } from "./Choice";

interface Props {
  label: string;
  value: string;
  onChange: (reason: string) => void;
}

const options = reasonsToSetAside.map((reason) => ({ value: reason as string, label: reason }));

/** Why readings are set aside: one of the usual reasons. */
export function ReasonChoice({ label, value, onChange }: Props) {
  return <Choice label={label} value={value} options={options} onChange={onChange} />;
}
