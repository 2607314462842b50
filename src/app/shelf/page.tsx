import { personForPage } from "@/app/access";
import { sampleTitles } from "@/investigation/samples/samples";
import { signOutAction } from "@/app/sign-in/actions";
import { AwayPage } from "@/interface/shell/AwayPage";
import { ShelfPage } from "@/interface/shelf/ShelfPage";
import { listShelf } from "@/server/investigations/listShelf";
import {
  bringInAction,
  deleteAction,
  duplicateAction,
  putBackAction,
  renameAction,
  startEmptyAction,
  startSampleAction,
} from "./actions";

export default async function Shelf() {
  const person = await personForPage();
  if (person === "away") return <AwayPage />;
  return (
    <ShelfPage
      person={person}
      shelf={await listShelf(person.id)}
      changes={{
        rename: renameAction,
        duplicate: duplicateAction,
        remove: deleteAction,
        putBack: putBackAction,
      }}
      startEmpty={startEmptyAction}
      samples={sampleTitles()}
      startSample={startSampleAction}
      bringIn={bringInAction}
      signOut={signOutAction}
    />
  );
}
