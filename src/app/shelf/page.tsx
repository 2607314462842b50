import type { Metadata } from "next";
import { pageTitle } from "@/wording/windowTitles";
import { personForPage } from "@/app/access";
import { sampleTitles } from "@/investigation/samples/samples";
import { signOutAction } from "@/app/sign-in/actions";
import { AwayPage } from "@/interface/shell/AwayPage";
import { ShelfPage } from "@/interface/shelf/ShelfPage";
import { sayings } from "@/wording/sayings";
import { experimentsFor } from "@/server/benches/benchLists";
import { classesOf } from "@/server/classes/classes";
import { listShelf } from "@/server/investigations/listShelf";
import {
  bringInAction,
  deleteAction,
  duplicateAction,
  makeBriefAction,
  makeClassAction,
  putBackAction,
  renameAction,
  startBriefAction,
  startEmptyAction,
  startSampleAction,
} from "./actions";

import { beginBenchAction, joinBenchAction, leaveBenchAction } from "./benchActions";

interface Props {
  searchParams: Promise<{ said?: string | string[] }>;
}

/** What the shelf says when an action led back to it. */
const sentences: Readonly<Record<string, () => string>> = {
  full: () => sayings.shelf.full,
  "not-brought-in": () => sayings.shelf.notBroughtIn,
};

export const generateMetadata = (): Metadata => ({ title: pageTitle("shelf") });

/** A person's investigations. */
export default async function Shelf({ searchParams }: Props) {
  const person = await personForPage();
  if (person === "away") return <AwayPage />;
  const { said } = await searchParams;
  return (
    <ShelfPage
      said={
        typeof said === "string" && Object.hasOwn(sentences, said) ? sentences[said]?.() : undefined
      }
      person={person}
      shelf={await listShelf(person.id)}
      classes={await classesOf(person.id)}
      experiments={await experimentsFor(person.id)}
      finding={{ begin: beginBenchAction, join: joinBenchAction, leave: leaveBenchAction }}
      makeClass={makeClassAction}
      changes={{
        rename: renameAction,
        duplicate: duplicateAction,
        makeBrief: makeBriefAction,
        remove: deleteAction,
        putBack: putBackAction,
      }}
      startEmpty={startEmptyAction}
      startBrief={startBriefAction}
      samples={sampleTitles()}
      startSample={startSampleAction}
      bringIn={bringInAction}
      signOut={signOutAction}
    />
  );
}
