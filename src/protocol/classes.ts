import type { AccountFault, PersonKind } from "./accounts";

/** A class as its teachers and its students know it. */
export interface ClassEntry {
  readonly id: string;
  readonly name: string;
  readonly archived: boolean;
  readonly students: number;
  /** What the person who asks is in it. */
  readonly role: PersonKind;
}

export interface ClassMember {
  readonly id: string;
  readonly name: string;
  readonly signInName: string;
  readonly role: PersonKind;
  /** ISO 8601. */
  readonly joinedAt: string;
  /** Whether the password is one that a teacher gave. */
  readonly firstPassword: boolean;
}

/** A class as its teachers see it. */
export interface OpenedClass {
  readonly id: string;
  readonly name: string;
  readonly archived: boolean;
  /** "TIDE 4M7K". */
  readonly code: string;
  readonly joiningOpen: boolean;
  readonly people: readonly ClassMember[];
}

/** A student's new first password, which is told once. */
export interface GivenPassword {
  readonly signInName: string;
  readonly password: string;
}

/** How the giving of a first password ended. */
export type PasswordReply =
  | ({ readonly kind: "given" } & GivenPassword)
  | { readonly kind: "fault"; readonly fault: AccountFault };
