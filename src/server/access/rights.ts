import { QueryTypes } from "sequelize";
import type { Standing } from "@/protocol/rights";
import { models } from "../database/models";

interface Known {
  readonly own: boolean | null;
  readonly off: boolean;
  readonly member: boolean;
  readonly handed: boolean;
  readonly copies: boolean;
  readonly role: "teacher" | "student" | null;
}

/** How a person stands to an investigation, from ids alone: its document is not loaded. */
export async function standingOf(personId: string, investigationId: string): Promise<Standing> {
  const [found] = await models().sequelize.query<Known>(
    `select i.owner_id = :personId as own, i.deleted_at is not null as off, p.role,
       exists (select from bench_people m where m.bench_id = b.id and m.person_id = :personId) as member,
       exists (select from handings h where h.bench_id = b.id and h.returned_at is null) as handed,
       coalesce((e.brief ->> 'copies')::boolean, false) as copies
     from investigations i
       left join benches b on b.investigation_id = i.id
       left join experiments e on e.id = b.experiment_id
       left join class_people p on p.class_id = e.class_id and p.person_id = :personId
     where i.id = :investigationId`,
    { replacements: { personId, investigationId }, type: QueryTypes.SELECT },
  );
  if (!found) return "outsider";
  if (found.own) return found.off ? "owner of what is off the shelf" : "owner";
  if (found.role === "teacher") return "teacher of the bench’s class";
  if (found.member && !found.off) {
    if (found.handed) return "bench member of what is handed in";
    return found.copies ? "bench member who may share" : "bench member";
  }
  return found.role === "student" ? "other student of the class" : "outsider";
}
