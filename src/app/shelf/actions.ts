"use server";

import { redirect } from "next/navigation";
import { revalidatePath } from "next/cache";
import { schoolReply, textsOnly } from "@/app/schoolReply";
import { investigationForAction, personForPage } from "@/app/access";
import type { SchoolReply } from "@/protocol/accounts";
import { makeClass } from "@/server/classes/classes";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import { isSampleName, samples } from "@/investigation/samples/samples";
import { languageOf } from "@/wording/language/languages";
import { spoken } from "@/wording/language/spoken";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
import { savingLimits } from "@/protocol/saving";
import { deepestJson, depthOf } from "@/server/requests/readBody";
import { storable, storableText } from "@/server/requests/storable";
import { briefFrom } from "@/investigation/briefs/briefFrom";
import { sampleBrief } from "@/investigation/briefs/sampleBriefs";
import { makeBrief } from "@/server/briefs/makeBrief";
import { isTimeZone } from "@/server/briefs/classClock";
import { endFirstTour } from "@/server/access/firstTour";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { UnreadableInvestigation } from "@/server/investigations/readStored";
import {
  deleteFromShelf,
  duplicateOnShelf,
  putBackOnShelf,
  renameOnShelf,
} from "@/server/investigations/shelfChanges";

type Said = "full" | "not-brought-in";

/** Back to the shelf, which says why. */
function backSaying(said: Said): never {
  redirect(`/shelf?said=${said}`);
}

async function startWith(document: ReturnType<typeof emptyInvestigation>): Promise<void> {
  const person = await personForPage();
  if (person === "away") redirect("/shelf");
  const id = await createInvestigation(person.id, document);
  if (id === undefined) backSaying("full");
  redirect(`/investigation/${id}/measure`);
}

/** Starts an empty investigation and opens it. */
export async function startEmptyAction(): Promise<void> {
  await startWith(emptyInvestigation("", languageOf(spoken())));
}

/** Starts from a sample, by its name, and opens it; from its brief only teachers do. */
export async function startSampleAction(name: string, asBrief?: boolean): Promise<void> {
  if (typeof name !== "string" || !isSampleName(name)) redirect("/shelf");
  if (asBrief !== true) return startWith(samples[name]());
  const person = await personForPage();
  if (person === "away" || person.kind !== "teacher") redirect("/shelf");
  await startWith(sampleBrief(name));
}

/** The investigation that a text holds; undefined where it holds none that can be read, or one that is too large. */
function broughtIn(text: unknown) {
  if (typeof text !== "string" || text.length > savingLimits.lettersOfDocument) return undefined;
  try {
    if (depthOf(text) > deepestJson) return undefined;
    const upgraded = upgradeInvestigation(storable(text));
    return upgraded.kind === "document" ? upgraded.document : undefined;
  } catch {
    return undefined;
  }
}

/** Puts an investigation that was taken out on the shelf and opens it. */
export async function bringInAction(text: string): Promise<void> {
  const person = await personForPage();
  if (person === "away") redirect("/shelf");
  const document = broughtIn(text);
  if (!document) backSaying("not-brought-in");
  await startWith(document);
}

/** What needs the document is not done where that can't be read: its own page says so. */
async function unlessUnreadable(work: () => Promise<void>): Promise<void> {
  try {
    await work();
  } catch (error) {
    if (!(error instanceof UnreadableInvestigation)) throw error;
  }
}

/** Gives an investigation another title. */
export async function renameAction(id: string, title: string): Promise<void> {
  const { investigationId, person } = await investigationForAction(id, "rename");
  await unlessUnreadable(() => renameOnShelf(investigationId, person.id, storableText(title, 200)));
  revalidatePath("/shelf");
}

/** Puts a copy beside an investigation. */
export async function duplicateAction(id: string): Promise<void> {
  const { investigationId, person } = await investigationForAction(id, "duplicate");
  await unlessUnreadable(async () => {
    if ((await duplicateOnShelf(investigationId, person.id)) === undefined) backSaying("full");
  });
  revalidatePath("/shelf");
}

/** Makes a brief of an investigation and opens it; only teachers do. */
export async function makeBriefAction(id: string): Promise<void> {
  const { investigationId, person } = await investigationForAction(id, "duplicate");
  if (person.kind !== "teacher") redirect("/shelf");
  await unlessUnreadable(async () => {
    const made = await makeBrief(investigationId, person.id);
    if (made === undefined) backSaying("full");
    redirect(`/investigation/${made}/measure`);
  });
}

/** Starts a brief from nothing and opens it; only teachers do. */
export async function startBriefAction(): Promise<void> {
  const person = await personForPage();
  if (person === "away" || person.kind !== "teacher") redirect("/shelf");
  await startWith(briefFrom(emptyInvestigation("", languageOf(spoken()))));
}

/** Takes an investigation off the shelf for 30 days, then for good. */
export async function deleteAction(id: string): Promise<void> {
  const { investigationId } = await investigationForAction(id, "delete");
  await deleteFromShelf(investigationId);
  revalidatePath("/shelf");
}

/** Puts a deleted investigation back on the shelf. */
export async function putBackAction(id: string): Promise<void> {
  const { investigationId } = await investigationForAction(id, "put-back");
  await putBackOnShelf(investigationId);
  revalidatePath("/shelf");
}

/** Ends the first tour for this person, for good. */
export async function endTourAction(): Promise<void> {
  const person = await personForPage();
  if (person !== "away") await endFirstTour(person.id);
}

/** Makes a class and opens it; only teachers do. */
export async function makeClassAction(name: string, timeZone?: string): Promise<SchoolReply> {
  const person = await personForPage();
  if (person === "away" || person.kind !== "teacher") redirect("/shelf");
  textsOnly(name);
  const zone = typeof timeZone === "string" && isTimeZone(timeZone) ? timeZone : undefined;
  const made: string[] = [];
  const came = await schoolReply(
    async () => void made.push(await makeClass(person.id, name, zone)),
  );
  if (came.kind === "done") redirect(`/class/${made[0]}`);
  return came;
}
