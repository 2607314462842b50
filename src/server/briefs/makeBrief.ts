import { briefFrom } from "@/investigation/briefs/briefFrom";
import { createInvestigation } from "../investigations/createInvestigation";
import { loadInvestigation } from "../investigations/loadInvestigation";

/** Puts a brief made of an investigation on a teacher's shelf; its id, or undefined where the shelf is full. */
export async function makeBrief(
  investigationId: string,
  personId: string,
): Promise<string | undefined> {
  const { document } = await loadInvestigation(investigationId);
  return createInvestigation(personId, briefFrom(document));
}
