"use server";

import { revalidatePath } from "next/cache";
import { redirect } from "next/navigation";
import { schoolReply, textsOnly } from "@/app/schoolReply";
import { classForAction, investigationForAction } from "@/app/access";
import { type WordPlace, wordPlaces } from "@/protocol/briefs";
import type { SchoolReply } from "@/protocol/accounts";
import { type ShownTo, shownTo } from "@/protocol/overview";
import { setDue, setWordTo } from "@/server/briefs/terms";
import { setTimeZone } from "@/server/classes/classes";
import { returnAll } from "@/server/handing/handings";
import { poolClass } from "@/server/overview/pool";
import { storableText } from "@/server/requests/storable";
import {
  endExperiment,
  letFindBenches,
  setExperiment,
  showOverview,
} from "@/server/benches/experiments";
import {
  type OfExperiment,
  seat,
  seatAsIn,
  seatEachAlone,
  seatInTwos,
} from "@/server/benches/seating";

/** Longer words than these are refused. */
const mostLetters = 5000;

/** Sets a class an experiment and opens it. @param from an investigation to begin with; "" for an empty sheet. */
export async function setExperimentAction(
  id: string,
  title: string,
  from: string,
): Promise<SchoolReply> {
  textsOnly(title, from);
  const { classId } = await classForAction(id);
  const pattern =
    from === "" ? undefined : (await investigationForAction(from, "duplicate")).investigationId;
  const made: string[] = [];
  const came = await schoolReply(
    async () => void made.push(await setExperiment(classId, title, pattern)),
  );
  if (came.kind === "done") redirect(`/class/${classId}/experiment/${made[0]}/benches`);
  return came;
}

/** Changes an experiment for a teacher of its class. */
async function changed(
  id: string,
  experimentId: string,
  change: (of: OfExperiment) => Promise<void>,
): Promise<SchoolReply> {
  textsOnly(experimentId);
  const { classId } = await classForAction(id);
  const came = await schoolReply(() => change({ classId, experimentId }));
  revalidatePath(`/class/${classId}`, "layout");
  return came;
}

/** Seats a student at a bench, at a new one or at none. */
export async function seatAction(
  id: string,
  experimentId: string,
  personId: string,
  place: string,
): Promise<SchoolReply> {
  textsOnly(personId, place);
  return changed(id, experimentId, (of) => seat(of, personId, place));
}

/** Seats each student who has no bench yet alone. */
export async function eachAloneAction(id: string, experimentId: string): Promise<SchoolReply> {
  return changed(id, experimentId, seatEachAlone);
}

/** Seats those who have no bench yet in twos, by chance. */
export async function inTwosAction(id: string, experimentId: string): Promise<SchoolReply> {
  return changed(id, experimentId, seatInTwos);
}

/** Seats those who have no bench yet as they sit in another experiment of the class. */
export async function asInAction(
  id: string,
  experimentId: string,
  otherId: string,
): Promise<SchoolReply> {
  textsOnly(otherId);
  return changed(id, experimentId, (of) => seatAsIn(of, otherId));
}

/** Lets students find their benches themselves, or no longer. */
export async function ownBenchesAction(
  id: string,
  experimentId: string,
  own: boolean,
): Promise<SchoolReply> {
  return changed(id, experimentId, (of) =>
    letFindBenches(of.experimentId, of.classId, own === true),
  );
}

/** Changes the teacher's words at one place for all benches. */
export async function setWordAction(
  id: string,
  experimentId: string,
  place: WordPlace,
  text: string,
): Promise<SchoolReply> {
  textsOnly(text);
  if (!wordPlaces.includes(place)) redirect("/shelf");
  const kept = storableText(text, mostLetters);
  return changed(id, experimentId, (of) => setWordTo(of, place, kept));
}

/** Sets until when benches hand in; "" for no time. */
export async function setDueAction(
  id: string,
  experimentId: string,
  time: string,
): Promise<SchoolReply> {
  textsOnly(time);
  return changed(id, experimentId, (of) => setDue(of, time));
}

/** Says by the clock of which zone the times of the class are meant. */
export async function setTimeZoneAction(id: string, timeZone: string): Promise<SchoolReply> {
  textsOnly(timeZone);
  const { classId } = await classForAction(id);
  const came = await schoolReply(() => setTimeZone(classId, timeZone));
  revalidatePath(`/class/${classId}`, "layout");
  return came;
}

/** Says who of the class sees the overview beside its teachers. */
export async function showOverviewAction(
  id: string,
  experimentId: string,
  shown: ShownTo,
): Promise<SchoolReply> {
  if (!shownTo.includes(shown)) redirect("/shelf");
  return changed(id, experimentId, (of) => showOverview(of.experimentId, of.classId, shown));
}

/** Gives all sheets back that are handed in. */
export async function returnAllAction(id: string, experimentId: string): Promise<SchoolReply> {
  textsOnly(experimentId);
  const { classId, person } = await classForAction(id);
  const came = await schoolReply(async () => {
    await returnAll({ classId, experimentId }, person.id);
  });
  revalidatePath(`/class/${classId}`, "layout");
  return came;
}

/** Puts one investigation of all benches on the teacher's shelf, and opens it at its figure. */
export async function poolAction(id: string, experimentId: string): Promise<SchoolReply> {
  textsOnly(experimentId);
  const { classId, person } = await classForAction(id);
  const made: string[] = [];
  const came = await schoolReply(
    async () => void made.push(await poolClass(experimentId, classId, person.id)),
  );
  if (came.kind === "done") redirect(`/investigation/${made[0]}/plot`);
  return came;
}

/** Ends an experiment; everybody keeps a copy. */
export async function endExperimentAction(id: string, experimentId: string): Promise<SchoolReply> {
  const came = await changed(id, experimentId, (of) => endExperiment(of.experimentId, of.classId));
  if (came.kind === "done") redirect(`/class/${id}`);
  return came;
}
