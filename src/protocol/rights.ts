/** What can be done with an investigation; "share" makes links that read it. */
export type Right =
  | "read"
  | "edit"
  | "rename"
  | "duplicate"
  | "delete"
  | "put-back"
  | "share"
  /** A bench hands in; it takes back what nobody has opened; a teacher opens, remarks and returns. */
  | "hand-in"
  | "take-back"
  | "mark"
  /** A bench answers a teacher's remarks, and marks them as done. */
  | "answer";

/** How somebody stands to an investigation. */
export type Standing =
  | "owner"
  | "owner of what is off the shelf"
  | "bench member"
  | "bench member who may share"
  | "bench member of what is handed in"
  | "teacher of the bench’s class"
  | "other student of the class"
  | "outsider";

/**
 * Who may do what: the one table that every page, handler, action and stream asks. Whoever has no right to a thing does
 * not even hear that it is there.
 */
export const rightsOf: Readonly<Record<Standing, ReadonlySet<Right>>> = {
  owner: new Set(["read", "edit", "rename", "duplicate", "delete", "share"]),
  "owner of what is off the shelf": new Set(["put-back"]),
  "bench member": new Set(["read", "edit", "duplicate", "hand-in", "answer"]),
  "bench member who may share": new Set([
    "read",
    "edit",
    "duplicate",
    "hand-in",
    "share",
    "answer",
  ]),
  "bench member of what is handed in": new Set(["read", "duplicate", "take-back", "answer"]),
  "teacher of the bench’s class": new Set(["read", "duplicate", "share", "mark"]),
  "other student of the class": new Set(),
  outsider: new Set(),
};
