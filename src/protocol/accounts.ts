/** Whether a person teaches; what they may do follows from their classes. */
export type PersonKind = "teacher" | "student";

/** What is wrong with what somebody wanted of an account, a class or a bench. */
export type SchoolFault =
  | "name-missing"
  | "name-long"
  | "sign-in-name-form"
  | "sign-in-name-taken"
  | "password-short"
  | "password-common"
  | "password-name"
  | "password-wrong"
  | "invitation-gone"
  | "code-wrong"
  | "not-in-class"
  | "last-teacher"
  | "list-long"
  | "teacher-unknown"
  | "title-missing"
  | "title-long"
  | "experiment-gone"
  | "bench-gone"
  | "bench-full"
  | "benches-closed"
  | "word-wrong"
  | "word-long"
  | "time-wrong"
  | "time-zone"
  | "handed-in"
  | "not-handed-in"
  | "opened"
  | "value-seen"
  | "marks-open"
  | "remark-gone"
  | "remarks-full"
  | "points-wrong"
  | "nothing-to-pool"
  | "pool-large"
  | "shelf-full"
  | "too-many"
  | "crowded"
  | "demo"
  | "away";

/** How a change of an account, a class or a bench ended. */
export type SchoolReply =
  { readonly kind: "done" } | { readonly kind: "fault"; readonly fault: SchoolFault };

/** How an invitation ended: with a link that is told once. */
export type InvitationReply =
  | { readonly kind: "invited"; readonly token: string }
  | { readonly kind: "fault"; readonly fault: SchoolFault };

/** What somebody chooses who begins an account. */
export interface NewAccount {
  readonly name: string;
  readonly signInName: string;
  readonly password: string;
}

/** A browser that is signed in, as its person sees it. */
export interface OwnSession {
  readonly id: string;
  /** "Firefox on Windows"; "" where nobody can tell. */
  readonly browser: string;
  /** ISO 8601. */
  readonly openedAt: string;
  readonly seenAt: string;
  /** It is the one that asks. */
  readonly here: boolean;
}
