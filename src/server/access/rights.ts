import { QueryTypes } from "sequelize";
import type { Standing } from "@/protocol/rights";
import { models } from "../database/models";
import { Together } from "../requests/together";

interface Known {
  readonly own: boolean | null;
  readonly off: boolean;
  readonly member: boolean;
  readonly handed: boolean;
  readonly copies: boolean;
  readonly role: "teacher" | "student" | null;
}

interface Asked {
  readonly personId: string;
  readonly investigationId: string;
}

/** What is known of people and investigations, for all who ask at the same time. */
const known = new Together<Asked, Known | undefined>(async (asked) => {
  const found = await models().sequelize.query<Known & { readonly place: number }>(
    `select asked.place::int, i.owner_id = asked.person as own, i.deleted_at is not null as off, p.role,
       exists (select from bench_people m where m.bench_id = b.id and m.person_id = asked.person) as member,
       exists (select from handings h where h.bench_id = b.id and h.returned_at is null) as handed,
       coalesce((e.brief ->> 'copies')::boolean, false) as copies
     from unnest($1::text[], $2::text[]) with ordinality as asked (person, sheet, place)
       join investigations i on i.id = asked.sheet
       left join benches b on b.investigation_id = i.id
       left join experiments e on e.id = b.experiment_id
       left join class_people p on p.class_id = e.class_id and p.person_id = asked.person`,
    {
      bind: [
        asked.map(({ personId }) => personId),
        asked.map(({ investigationId }) => investigationId),
      ],
      type: QueryTypes.SELECT,
    },
  );
  const byPlace = new Map(found.map((one) => [one.place, one]));
  return asked.map((_, at) => byPlace.get(at + 1));
});

/** How a person stands to an investigation, from ids alone: its document is not loaded. */
export async function standingOf(personId: string, investigationId: string): Promise<Standing> {
  const found = await known.ask({ personId, investigationId });
  if (!found) return "outsider";
  if (found.own) return found.off ? "owner of what is off the shelf" : "owner";
  if (found.role === "teacher") return "teacher of the bench’s class";
  if (found.member && !found.off) {
    if (found.handed) return "bench member of what is handed in";
    return found.copies ? "bench member who may share" : "bench member";
  }
  return found.role === "student" ? "other student of the class" : "outsider";
}
