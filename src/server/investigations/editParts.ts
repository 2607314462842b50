import { Op, type Transaction } from "sequelize";
import * as yup from "yup";
import type { EditInParts, PartOfEdit, Refusal, SentEdit } from "@/protocol/saving";
import { models } from "../database/models";
import { BodyRefused, readJson } from "../requests/readBody";
import { readEdit } from "./editSchema";

/** Parts that nobody came back for go after a day. */
const hoursKept = 24;

/** Keeps a part of a long edit until all are there; a part sent twice is kept once. */
export async function keepPart(
  investigationId: string,
  authorId: string,
  { id, part, text }: PartOfEdit,
): Promise<void> {
  const { EditPart } = models();
  const oldest = new Date(Date.now() - hoursKept * 3_600_000);
  await EditPart.destroy({ where: { receivedAt: { [Op.lt]: oldest } } });
  await EditPart.upsert({ investigationId, authorId, editId: id, part, text, receivedAt: new Date() });
} // prettier-ignore

/** The edit that parts make together, or why they make none. */
function assembled(id: string, texts: readonly string[]): SentEdit | Refusal {
  try {
    const edit = readEdit(readJson(texts.join("")));
    if (edit.id !== id) throw new BodyRefused(400, "is another edit");
    return edit;
  } catch (error) {
    if (!(error instanceof yup.ValidationError) && !(error instanceof BodyRefused)) throw error;
    return { id, reason: "invalid", detail: error.message };
  }
}

interface Whole {
  readonly edits: readonly SentEdit[];
  readonly refused: readonly Refusal[];
}

type Sent = readonly (SentEdit | EditInParts)[];

/** Which of some edits the log has already. */
async function knownOf(investigationId: string, edits: Sent, transaction: Transaction) {
  const found = await models().StoredEdit.findAll({
    where: { investigationId, id: edits.map(({ id }) => id) },
    attributes: ["id"],
    transaction,
  });
  return new Set(found.map(({ id }) => id));
}

/** The edits of a save, whole, and which of them the log has already: of long ones that it has no parts are wanted. */
export async function editsOf(
  { id, authorId, request }: { readonly id: string; readonly authorId: string; readonly request: { readonly edits: Sent } },
  transaction: Transaction,
): Promise<Whole & { readonly known: ReadonlySet<string> }> {
  const known = await knownOf(id, request.edits, transaction);
  const wanted = request.edits.filter((edit) => !("parts" in edit && known.has(edit.id)));
  return { ...(await wholeEdits(id, authorId, wanted, transaction)), known };
} // prettier-ignore

/** Puts long edits together from the parts that were sent before; those parts are kept no longer. */
async function wholeEdits(
  investigationId: string,
  authorId: string,
  sent: Sent,
  transaction: Transaction,
): Promise<Whole> {
  const edits: SentEdit[] = [];
  const refused: Refusal[] = [];
  for (const one of sent) {
    if (!("parts" in one)) {
      edits.push(one);
      continue;
    }
    const where = { investigationId, authorId, editId: one.id };
    const order: [string, string][] = [["part", "ASC"]];
    const found = await models().EditPart.findAll({ where, order, transaction });
    const texts = found.map(({ text }) => text);
    const whole =
      texts.length === one.parts
        ? assembled(one.id, texts)
        : ({ id: one.id, reason: "invalid", detail: "parts of it are missing" } as const);
    if ("reason" in whole) refused.push(whole);
    else edits.push(whole);
    await models().EditPart.destroy({ where, transaction });
  }
  return { edits, refused };
}
