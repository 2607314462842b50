import { duplicateAction, endTourAction } from "@/app/shelf/actions";
import { signOutAction } from "@/app/sign-in/actions";
import {
  handInAction,
  openHandingAction,
  returnAction,
  takeBackAction,
} from "@/app/investigation/[id]/[[...stage]]/handingActions";

/** What is done with an open sheet as a whole. */
export const sheetActions = {
  signOut: signOutAction,
  takeCopy: duplicateAction,
  endTour: endTourAction,
  handing: {
    handIn: handInAction,
    takeBack: takeBackAction,
    open: openHandingAction,
    giveBack: returnAction,
  },
};
