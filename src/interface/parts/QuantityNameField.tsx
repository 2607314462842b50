"use client";

import { partsTexts } from "@/wording/partsTexts";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { useActs } from "../store/useInvestigation";
import { TextField } from "./TextField";

interface Props {
  id: string;
  name: string;
  placeholder: string;
}

/** The name of a quantity, across the margin. */
export function QuantityNameField({ id, name, placeholder }: Props) {
  const { act } = useActs();
  return (
    <TextField
      label={partsTexts.name}
      value={name}
      placeholder={placeholder}
      onChange={(text) => act(describeQuantity, { quantity: id, name: text }, `name/${id}`)}
      className="col-span-2"
    />
  );
}
