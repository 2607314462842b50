import { QueryTypes } from "sequelize";
import type { PersonKind } from "@/protocol/accounts";
import type { Standing } from "@/protocol/rights";
import { models } from "../database/models";
import { Together } from "../requests/together";
import { demoMode } from "./demoMode";
import { type KnownOfBoth, standingFrom } from "./rights";
import { hashOfToken } from "./tokens";

/** Who is signed in. */
export interface SignedIn {
  readonly id: string;
  readonly name: string;
  readonly kind: PersonKind;
  /** Their password was given to them: nothing else is done before it is changed. */
  readonly firstPassword: boolean;
  /** Whether the first tour was seen or passed over. */
  readonly toured: boolean;
}

interface Asked {
  readonly tokenHash: string;
  readonly investigationId: string | null;
}

interface Found extends SignedIn, KnownOfBoth {
  readonly place: number;
  readonly demo: boolean;
  readonly seenAt: Date;
}

/** Looks once for all who ask at the same time. */
const asking = new Together<Asked, Found | undefined>(async (asked) => {
  const hashes = asked.map(({ tokenHash }) => tokenHash);
  const sheets = asked.map(({ investigationId }) => investigationId);
  const found = await models().sequelize.query<Found>("select * from who_asks($1, $2)", {
    bind: [hashes, sheets],
    type: QueryTypes.SELECT,
  });
  const byPlace = new Map(found.map((one) => [one.place, one]));
  return asked.map((_, at) => byPlace.get(at + 1));
});

const hour = 3_600_000;

/** The person behind a token, and how they stand to an investigation; undefined where the token is unknown or has run out. */
export async function whoAsks(
  token: string | undefined,
  investigationId?: string,
): Promise<{ readonly person: SignedIn; readonly standing: Standing } | undefined> {
  if (!token) return undefined;
  const tokenHash = hashOfToken(token);
  const found = await asking.ask({ tokenHash, investigationId: investigationId ?? null });
  if (!found || (found.demo && !demoMode())) return undefined;
  const { id, name, kind, firstPassword, toured, seenAt } = found;
  if (Date.now() - seenAt.getTime() > hour) {
    await models().Session.update({ seenAt: new Date() }, { where: { tokenHash } });
  }
  return { person: { id, name, kind, firstPassword, toured }, standing: standingFrom(found) };
}
