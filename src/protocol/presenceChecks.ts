import * as yup from "yup";

const id = () =>
  yup
    .string()
    .strict()
    .matches(/^[A-Za-z0-9_-]{1,40}$/)
    .required();

const at = yup
  .object({
    stage: yup.string().strict().max(20).required(),
    place: yup.string().strict().max(120),
  })
  .default(undefined);

/** What a window sends of itself. */
export const sentPresence = yup.object({ window: id(), at }).required();

/** A window of somebody, as the server tells of it. */
export const presence = yup.object({
  window: id(),
  at,
  person: id(),
  name: yup.string().strict().defined(),
  kind: yup.string().oneOf(["teacher", "student"]).required(),
});
