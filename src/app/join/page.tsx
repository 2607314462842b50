import { connection } from "next/server";
import { sessionToken } from "@/app/access";
import { JoinPage } from "@/interface/class/JoinPage";
import { admitPerson } from "@/server/access/gate";
import { joinAction } from "./actions";

/** Where a joining code leads; the code stands behind the # of a link, which no log is told. */
export default async function Join() {
  await connection();
  const entry = await admitPerson(await sessionToken());
  const person = entry.kind === "granted" ? { name: entry.person.name } : undefined;
  return <JoinPage person={person} join={joinAction} />;
}
