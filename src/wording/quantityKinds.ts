import type { QuantityKind } from "@/core/unit/dimension";
import { quantityKinds } from "./en/quantityKinds";
import { worded } from "./language/worded";

/** What a kind of quantity is called. */
export const kindName: Readonly<Record<QuantityKind, string>> = worded(
  "quantityKinds",
  quantityKinds,
);
