import { classForPage } from "@/app/access";
import { signOutAction } from "@/app/sign-in/actions";
import { ClassPage } from "@/interface/class/ClassPage";
import { AwayPage } from "@/interface/shell/AwayPage";
import { openClass } from "@/server/classes/classes";
import {
  archiveAction,
  givePasswordAction,
  nameClassAction,
  openJoiningAction,
  renameStudentAction,
  renewCodeAction,
  takeOutAction,
} from "./actions";

/** A class, for its teachers. */
export default async function SchoolClass({ params }: { params: Promise<{ id: string }> }) {
  const entry = await classForPage((await params).id);
  if (entry === "away") return <AwayPage />;
  return (
    <ClassPage
      person={entry.person}
      opened={await openClass(entry.classId)}
      changes={{
        name: nameClassAction,
        archive: archiveAction,
        renewCode: renewCodeAction,
        openJoining: openJoiningAction,
        renameStudent: renameStudentAction,
        takeOut: takeOutAction,
        givePassword: givePasswordAction,
      }}
      signOut={signOutAction}
    />
  );
}
