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

/** The people behind sessions that have not run out, and how each stands to an investigation: from ids alone, no document is loaded. */
const looking = `select asked.place::int, s.seen_at as "seenAt", p.id, p.name, p.kind, p.demo,
    p.first_password as "firstPassword", p.tour_ended_at is not null as toured,
    i.id is not null as there, i.owner_id = p.id as own, i.deleted_at is not null as off, c.role,
    exists (select from bench_people m where m.bench_id = b.id and m.person_id = p.id) as member,
    exists (select from handings h where h.bench_id = b.id and h.returned_at is null) as handed,
    coalesce((e.brief ->> 'copies')::boolean, false) as copies
  from unnest($1::text[], $2::text[]) with ordinality as asked (hash, sheet, place)
    join sessions s on s.token_hash = asked.hash and s.expires_at > now()
    join people p on p.id = s.person_id
    left join investigations i on i.id = asked.sheet
    left join benches b on b.investigation_id = i.id
    left join experiments e on e.id = b.experiment_id
    left join class_people c on c.class_id = e.class_id and c.person_id = p.id`;

/** Looks once for all who ask at the same time. */
const asking = new Together<Asked, Found | undefined>(async (asked) => {
  const hashes = asked.map(({ tokenHash }) => tokenHash);
  const sheets = asked.map(({ investigationId }) => investigationId);
  const found = await models().sequelize.query<Found>(looking, {
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
