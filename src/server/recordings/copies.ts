import { nanoid } from "nanoid";
import { QueryTypes } from "sequelize";
import type { Investigation } from "@/investigation/model/investigation";
import { withRecordingsUnder } from "@/investigation/recordings/renamed";
import { models } from "../database/models";

/** Recordings under fresh ids, for the copy of an investigation. */
export interface Renamed {
  readonly document: Investigation;
  /** The new id by the old one. */
  readonly ids: ReadonlyMap<string, string>;
}

/** A document that is to be a copy, with fresh ids for the recordings that the server has of it. */
export async function renameRecordings(
  investigationId: string,
  document: Investigation,
): Promise<Renamed> {
  if (Object.keys(document.recordings).length === 0) return { document, ids: new Map() };
  const kept = await models().Recording.findAll({ where: { investigationId }, attributes: ["id"] });
  const ids = new Map(
    kept.filter(({ id }) => id in document.recordings).map(({ id }) => [id, nanoid(10)]),
  );
  return { document: withRecordingsUnder(document, ids), ids };
}

/** Copies the readings of recordings to another investigation, under their new ids. */
export async function copyRecordings(to: string, ids: Renamed["ids"]): Promise<void> {
  const { sequelize } = models();
  await sequelize.transaction(async (transaction) => {
    for (const [from, id] of ids) {
      const options = { replacements: { from, id, to }, type: QueryTypes.INSERT, transaction } as const;
      await sequelize.query(
        `insert into recordings (id, investigation_id, begun_by, description, readings, begun_at, stopped_at)
         select :id, :to, begun_by, description, readings, begun_at, coalesce(stopped_at, now())
         from recordings where id = :from`,
        options,
      );
      await sequelize.query(
        `insert into recording_parts (recording_id, first, readings, data, levels)
         select :id, first, readings, data, levels from recording_parts where recording_id = :from`,
        options,
      );
    }
  });
} // prettier-ignore

/** Takes away recordings that no document has named for so long that none of its earlier moments is kept. */
export async function sweepRecordings(): Promise<void> {
  await models().sequelize.query(
    `delete from recordings r using investigations i
     where r.investigation_id = i.id and r.begun_at < now() - interval '60 days'
       and not coalesce(jsonb_exists(i.document -> 'recordings', r.id), false)`,
    { type: QueryTypes.DELETE },
  );
}
