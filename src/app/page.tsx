import { redirect } from "next/navigation";
import { personForPage } from "./access";

/** The front door leads to the shelf, or to sign-in. */
export default async function FrontDoor() {
  await personForPage();
  redirect("/shelf");
}
