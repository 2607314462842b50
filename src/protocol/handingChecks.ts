import * as yup from "yup";
import { type HandingState, handingStates } from "./handing";

/** What a bench is told of its handing in. */
export const handedIn = yup
  .object({
    state: yup.string<HandingState>().oneOf(handingStates).required(),
    number: yup.number().strict().integer().required(),
    at: yup.string().strict().required(),
    since: yup.string().strict().required(),
    by: yup.string().strict().defined(),
    late: yup.boolean().strict().required(),
    canTakeBack: yup.boolean().strict().required(),
  })
  .default(undefined);
