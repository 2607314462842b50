"use server";

import { revalidatePath } from "next/cache";
import { redirect } from "next/navigation";
import { schoolReply, textsOnly } from "@/app/schoolReply";
import { askedFrom, classForAction, investigationForAction } from "@/app/access";
import type { SchoolReply } from "@/protocol/accounts";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { NamesReply, PasswordReply } from "@/protocol/classes";
import {
  addTeacher,
  giveFirstPassword,
  renameStudent,
  takeOutOfClass,
} from "@/server/classes/classPeople";
import {
  archiveClass,
  nameClass,
  openJoining,
  renewCode,
  setClassRules,
  takeLook,
} from "@/server/classes/classes";
import { beginByNames } from "@/server/classes/namesToAccounts";

/** Changes a class for a teacher of it. */
async function changed(
  id: string,
  change: (classId: string) => Promise<void>,
): Promise<SchoolReply> {
  const { classId } = await classForAction(id);
  const came = await schoolReply(() => change(classId));
  revalidatePath(`/class/${classId}`);
  return came;
}

/** Gives a class another name. */
export async function nameClassAction(id: string, name: string): Promise<SchoolReply> {
  textsOnly(name);
  return changed(id, (classId) => nameClass(classId, name));
}

/** Puts a class by, or takes it up again. */
export async function archiveAction(id: string, archived: boolean): Promise<SchoolReply> {
  return changed(id, (classId) => archiveClass(classId, archived === true));
}

/** Makes another joining code. */
export async function renewCodeAction(id: string): Promise<SchoolReply> {
  return changed(id, renewCode);
}

/** Lets students join by the code, or no longer. */
export async function openJoiningAction(id: string, open: boolean): Promise<SchoolReply> {
  return changed(id, (classId) => openJoining(classId, open === true));
}

/** Gives a student another name for others to see. */
export async function renameStudentAction(
  id: string,
  personId: string,
  name: string,
): Promise<SchoolReply> {
  textsOnly(personId, name);
  return changed(id, (classId) => renameStudent(classId, personId, name));
}

/** Takes somebody out of a class. */
export async function takeOutAction(id: string, personId: string): Promise<SchoolReply> {
  textsOnly(personId);
  return changed(id, (classId) => takeOutOfClass(classId, personId));
}

/** Gives a student a new first password, which is told once. */
export async function givePasswordAction(id: string, personId: string): Promise<PasswordReply> {
  textsOnly(personId);
  const given: PasswordReply[] = [];
  const address = await askedFrom();
  const came = await changed(id, async (classId) => {
    given.push({ kind: "given", ...(await giveFirstPassword(classId, personId, address)) });
  });
  return came.kind === "fault" ? came : (given[0] as PasswordReply);
}

/** Gives a class its house rules. */
export async function setRulesAction(id: string, rules: HouseRules): Promise<SchoolReply> {
  return changed(id, (classId) => setClassRules(classId, rules));
}

/** Takes the look of figures of an investigation that the teacher may copy. */
export async function takeLookAction(id: string, from: string): Promise<SchoolReply> {
  const { investigationId } = await investigationForAction(from, "duplicate");
  return changed(id, (classId) => takeLook(classId, investigationId));
}

/** Lets a further teacher of this server teach the class. */
export async function addTeacherAction(id: string, signInName: string): Promise<SchoolReply> {
  textsOnly(signInName);
  return changed(id, (classId) => addTeacher(classId, signInName));
}

/** Begins accounts of students by their names alone; their first passwords are told once. */
export async function beginByNamesAction(id: string, names: string[]): Promise<NamesReply> {
  if (!Array.isArray(names)) redirect("/shelf");
  textsOnly(...names.slice(0, 1000));
  const begun: NamesReply[] = [];
  const address = await askedFrom();
  const came = await changed(id, async (classId) => {
    begun.push({ kind: "begun", accounts: await beginByNames(classId, names, address) });
  });
  return came.kind === "fault" ? came : (begun[0] as NamesReply);
}
