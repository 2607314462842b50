import type { Constant } from "../model/constant";
import { act } from "./act";

/** Sets what is typed of a constant; what is not given stays. */
export const describeConstant = act<{ constant: string } & Partial<Omit<Constant, "order">>>(
  "describe-constant",
  (draft, { constant, ...description }) => {
    const described = draft.constants[constant];
    if (described) Object.assign(described, description);
  },
);
