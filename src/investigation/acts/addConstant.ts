import type { Constant } from "../model/constant";
import { orderAtEnd } from "../model/order";
import { act } from "./act";

/** Adds a constant behind the others. */
export const addConstant = act<{ id: string } & Omit<Constant, "order">>(
  "add-constant",
  (draft, { id, ...constant }) => {
    draft.constants[id] = { ...constant, order: orderAtEnd(draft.constants) };
  },
);
