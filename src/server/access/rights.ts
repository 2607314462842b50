import type { Standing } from "@/protocol/rights";

/** What the database knows of a person and an investigation. */
export interface KnownOfBoth {
  /** Whether the investigation is there at all. */
  readonly there: boolean;
  readonly own: boolean | null;
  readonly off: boolean;
  readonly member: boolean;
  readonly handed: boolean;
  readonly copies: boolean;
  readonly role: "teacher" | "student" | null;
}

/** How a person stands to an investigation. */
export function standingFrom(known: KnownOfBoth): Standing {
  const { there, own, off, role, member, handed, copies } = known;
  if (!there) return "outsider";
  if (own) return off ? "owner of what is off the shelf" : "owner";
  if (role === "teacher") return "teacher of the bench’s class";
  if (member && !off) {
    if (handed) return "bench member of what is handed in";
    return copies ? "bench member who may share" : "bench member";
  }
  return role === "student" ? "other student of the class" : "outsider";
}
