"use server";

import { investigationForAction } from "@/app/access";
import { goBackToGoodState } from "@/server/investigations/lastGoodState";

/** Goes back to the newest earlier state of an investigation that can be read; whether there was one. */
export async function goBackAction(id: string): Promise<boolean> {
  const { investigationId, person } = await investigationForAction(id, "edit");
  return goBackToGoodState(investigationId, person.id);
}
