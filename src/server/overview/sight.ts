import { QueryTypes } from "sequelize";
import type { Overview, OverviewRow, ShownTo, Sight } from "@/protocol/overview";
import type { Together } from "@/overview/together";
import { remembered } from "@/remembered/remembered";
import { models } from "../database/models";

/** An overview that somebody may see. */
export interface Sighted {
  readonly classId: string;
  readonly sight: Sight;
  /** Whether students may see what results are held against. */
  readonly accepted: boolean;
}

interface Known {
  readonly classId: string;
  readonly role: "teacher" | "student";
  readonly shown: ShownTo;
  readonly accepted: boolean;
}

/** How a person may see the overview of an experiment; undefined where they may not. */
export async function sightOf(personId: string, experimentId: string): Promise<Sighted | undefined> {
  const [found] = await models().sequelize.query<Known>(
    `select e.class_id as "classId", p.role, e.shown, coalesce(e.brief ->> 'accepted' = 'always', true) as accepted
     from experiments e join class_people p on p.class_id = e.class_id and p.person_id = :personId
     where e.id = :experimentId`,
    { replacements: { personId, experimentId }, type: QueryTypes.SELECT },
  );
  if (!found) return undefined;
  const { classId, role, shown, accepted } = found;
  if (role === "teacher") return { classId, sight: "teacher", accepted: true };
  return shown === "no" ? undefined : { classId, sight: shown, accepted };
} // prettier-ignore

/** A bench as other students see it: what it measured, not what is marked in its sheet. */
function rowForClass({ id, number, people, stage, glance }: OverviewRow, names: boolean): OverviewRow {
  return {
    id,
    number,
    investigation: "",
    people: names ? people : [],
    ...(stage && { stage }),
    ...(glance && { glance: { ...glance, openMarks: 0, asks: [] } }),
  };
} // prettier-ignore

/** The same row for the same sight: a stream tells of what is not the same object. */
const rowSeen = {
  names: remembered((row: OverviewRow) => rowForClass(row, true)),
  numbers: remembered((row: OverviewRow) => rowForClass(row, false)),
} as const;

/** Results without what they are held against. */
const unheld = remembered((together: Together): Together => ({ ...together, accepted: undefined }));

/** An overview as somebody may see it. */
export function overviewSeen(overview: Overview, { sight, accepted }: Sighted): Overview {
  if (sight === "teacher") return overview;
  const { together, title, shown } = overview;
  const rows = overview.rows.map((row) => rowSeen[sight](row));
  if (!together) return { title, shown, rows };
  return { title, shown, rows, together: accepted ? together : unheld(together) };
}
