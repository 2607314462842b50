import * as yup from "yup";

/**
 * Reads what a browser sent, which says by its kind of which shape it is. @param shapes one for each kind.
 * @returns a reader that throws ValidationError for what is of none.
 */
export function ofKind<Sent extends { readonly kind: string }>(
  shapes: Readonly<Record<Sent["kind"], yup.AnyObjectSchema>>,
): (sent: unknown) => Sent {
  const kinds = Object.keys(shapes);
  const named = yup.object({ kind: yup.string().oneOf(kinds).required() });
  return (sent) => {
    const kind = named.validateSync(sent).kind as Sent["kind"];
    const fields: object = shapes[kind].validateSync(sent, { stripUnknown: true });
    return { ...fields, kind } as Sent;
  };
}
