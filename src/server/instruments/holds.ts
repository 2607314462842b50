import { Op } from "sequelize";
import type { InstrumentEntry } from "@/protocol/instruments";
import { models } from "../database/models";
import { allowedInstruments } from "./allowed";

/** In s: whoever holds an instrument and is not heard of has it so long. */
export const heldFor = 15;

/** Takes an instrument in hand for an investigation, or puts off when it is free again; whether no other one has it. */
export async function holdInstrument(name: string, investigationId: string): Promise<boolean> {
  const { sequelize } = models();
  const [rows] = await sequelize.query(
    `insert into instrument_holds (name, investigation_id, held_until)
     values (:name, :investigationId, now() + :heldFor * interval '1 second')
     on conflict (name) do update
       set investigation_id = excluded.investigation_id, held_until = excluded.held_until
       where instrument_holds.investigation_id = excluded.investigation_id
          or instrument_holds.held_until < now()
     returning name`,
    { replacements: { name, investigationId, heldFor } },
  );
  return rows.length > 0;
}

/** Lets an instrument go. */
export async function freeInstrument(name: string, investigationId: string): Promise<void> {
  await models().InstrumentHold.destroy({ where: { name, investigationId } });
}

/** The instruments that this server may read, and which of them others have in hand. */
export async function instrumentsFor(investigationId: string): Promise<InstrumentEntry[]> {
  const others = { investigationId: { [Op.ne]: investigationId }, heldUntil: { [Op.gt]: new Date() } }; // prettier-ignore
  const held = await models().InstrumentHold.findAll({ where: others });
  const inUse = new Set(held.map(({ name }) => name));
  return allowedInstruments().map(({ name }) => ({ name, inUse: inUse.has(name) }));
}
