"use server";

import { redirect } from "next/navigation";
import { revalidatePath } from "next/cache";
import { investigationForAction, personForPage } from "@/app/access";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import { isSampleName, samples } from "@/investigation/samples/samples";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
import { endFirstTour } from "@/server/access/firstTour";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import {
  deleteFromShelf,
  duplicateOnShelf,
  putBackOnShelf,
  renameOnShelf,
} from "@/server/investigations/shelfChanges";

async function startWith(document: ReturnType<typeof emptyInvestigation>): Promise<void> {
  const person = await personForPage();
  if (person === "away") redirect("/shelf");
  const id = await createInvestigation(person.id, document);
  redirect(`/investigation/${id}/measure`);
}

/** Starts an empty investigation and opens it. */
export async function startEmptyAction(): Promise<void> {
  await startWith(emptyInvestigation());
}

/** Starts from a sample, by its name, and opens it. */
export async function startSampleAction(name: string): Promise<void> {
  if (!isSampleName(name)) throw new Error("there is no such sample");
  await startWith(samples[name]());
}

/** Puts an investigation that was taken out on the shelf and opens it. */
export async function bringInAction(text: string): Promise<void> {
  const person = await personForPage();
  if (person === "away") redirect("/shelf");
  const upgraded = upgradeInvestigation(JSON.parse(String(text)));
  if (upgraded.kind !== "document") throw new Error("this is no investigation");
  await startWith(upgraded.document);
}

/** Gives an investigation another title. */
export async function renameAction(id: string, title: string): Promise<void> {
  const { investigation, person } = await investigationForAction(id);
  await renameOnShelf(investigation, person.id, String(title).slice(0, 200));
  revalidatePath("/shelf");
}

/** Puts a copy beside an investigation. */
export async function duplicateAction(id: string): Promise<void> {
  const { investigation } = await investigationForAction(id);
  await duplicateOnShelf(investigation);
  revalidatePath("/shelf");
}

/** Takes an investigation off the shelf for 30 days, then for good. */
export async function deleteAction(id: string): Promise<void> {
  const { investigation } = await investigationForAction(id);
  await deleteFromShelf(investigation);
  revalidatePath("/shelf");
}

/** Puts a deleted investigation back on the shelf. */
export async function putBackAction(id: string): Promise<void> {
  const { investigation } = await investigationForAction(id, { deleted: true });
  await putBackOnShelf(investigation);
  revalidatePath("/shelf");
}

/** Ends the first tour for this person, for good. */
export async function endTourAction(): Promise<void> {
  const person = await personForPage();
  if (person !== "away") await endFirstTour(person.id);
}
