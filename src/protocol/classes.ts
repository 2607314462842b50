import type { FigureLook } from "@/investigation/model/figure";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { HandedIn } from "./handing";
import type { OpenedWords } from "./briefs";
import type { SchoolFault, PersonKind } from "./accounts";

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

/** Where somebody is to sit: at a bench by its id, at a new one, beside somebody, or at none. */
export type Seat = "new bench" | "no bench" | (string & {});

const besideMark = "beside ";

/** The seat at the bench of somebody, whose id the page may not know yet. */
export const besideSeat = (personId: string): Seat => `${besideMark}${personId}`;

/** Beside whom a seat is; undefined where it is another kind of seat. */
export const whomBeside = (seat: Seat): string | undefined =>
  seat.startsWith(besideMark) ? seat.slice(besideMark.length) : undefined;

/** So many students sit at a bench at most. */
export const mostAtBench = 4;

/** The house rules of a class and its look of figures. */
export interface ClassHouse {
  readonly houseRules: HouseRules;
  readonly ownLook: FigureLook | null;
}

/** An experiment that a class does. */
export interface ExperimentEntry {
  readonly id: string;
  readonly title: string;
}

/** Somebody at a bench, as the others of the class know them. */
export interface BenchMember {
  readonly id: string;
  readonly name: string;
}

/** The bench that works on an open investigation. */
export interface OpenedBench {
  readonly number: number;
  readonly people: readonly BenchMember[];
  readonly className: string;
  /** The benches before and after it, for a teacher who goes from one to the next. */
  readonly neighbours?: {
    readonly previous?: NeighbourBench;
    readonly next?: NeighbourBench;
  };
}

/** A bench that a teacher reads before or after another. */
export interface NeighbourBench {
  readonly number: number;
  readonly investigation: string;
}

/** A bench as its teachers see it. */
export interface SeatedBench {
  readonly id: string;
  readonly number: number;
  readonly word: string;
  readonly investigation: string;
  readonly people: readonly BenchMember[];
  /** When its sheet was last changed, ISO 8601; undefined where nothing was done yet. */
  readonly changedAt?: string;
  /** When it goes for good, ISO 8601, as nobody sits there any more. */
  readonly goesAt?: string;
  /** The newest time that it handed in; undefined where it never did. */
  readonly handing?: HandedIn;
}

/** An experiment as the teachers of its class see it. */
export interface OpenedExperiment extends ExperimentEntry {
  /** What its teachers say to all benches. */
  readonly wording: OpenedWords;
  readonly ownBenches: boolean;
  readonly benches: readonly SeatedBench[];
  /** Students who sit at no bench. */
  readonly unseated: readonly BenchMember[];
}

/** An experiment as one of the students of its class sees it. */
export interface OwnExperiment extends ExperimentEntry {
  readonly className: string;
  /** Whether they see the overview of all benches. */
  readonly shown: boolean;
  readonly ownBenches: boolean;
  /** Where they sit; undefined while that is nowhere. */
  readonly bench?: {
    readonly number: number;
    readonly word: string;
    readonly investigation: string;
    /** The names of the others there. */
    readonly others: readonly string[];
    /** ISO 8601. */
    readonly changedAt: string;
  };
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
  /** The newest first. */
  readonly experiments: readonly ExperimentEntry[];
  readonly house: ClassHouse;
}

/** The server begins so many accounts at once; each takes a third of a second. */
export const mostNamesAtOnce = 6;

/** An account that was begun by a name alone: its first password is told once. */
export interface GivenAccount {
  readonly name: string;
  readonly signInName: string;
  readonly password: string;
}

/** How the beginning of accounts by names ended. */
export type NamesReply =
  | { readonly kind: "begun"; readonly accounts: readonly GivenAccount[] }
  | { readonly kind: "fault"; readonly fault: SchoolFault };

/** A student's new first password, which is told once. */
export interface GivenPassword {
  readonly signInName: string;
  readonly password: string;
}

/** How the giving of a first password ended. */
export type PasswordReply =
  | ({ readonly kind: "given" } & GivenPassword)
  | { readonly kind: "fault"; readonly fault: SchoolFault };
