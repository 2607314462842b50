import type { Metadata } from "next";
import { connection } from "next/server";
import { duplicateAction, endTourAction } from "@/app/shelf/actions";
import { signOutAction } from "@/app/sign-in/actions";
import {
  handInAction,
  openHandingAction,
  returnAction,
  takeBackAction,
} from "@/app/investigation/[id]/[[...stage]]/handingActions";
import { HerePage } from "@/interface/offline/HerePage";
import { pageTitles } from "@/wording/windowTitles";

export const metadata: Metadata = { title: pageTitles.here };

/** What this device holds; it holds nothing of anybody itself, and is kept on the device for when the server is away. */
export default async function Here() {
  await connection();
  return (
    <HerePage
      signOut={signOutAction}
      takeCopy={duplicateAction}
      endTour={endTourAction}
      handing={{
        handIn: handInAction,
        takeBack: takeBackAction,
        open: openHandingAction,
        giveBack: returnAction,
      }}
    />
  );
}
