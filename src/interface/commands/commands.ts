import { shellTexts } from "@/wording/shellTexts";
import {
  type InvestigationState,
  type InvestigationStore,
  redo,
  undo,
} from "../store/investigationStore";

/** What can be done, as one row that button and key share. */
export interface Command {
  readonly label: string;
  readonly keyShown: string;
  readonly matches: (event: KeyboardEvent) => boolean;
  readonly enabled: (state: InvestigationState) => boolean;
  /** The act that it would take back or do again. */
  readonly act: (state: InvestigationState) => string | undefined;
  readonly run: (store: InvestigationStore) => void;
}

function withControl(event: KeyboardEvent, key: string, shift: boolean): boolean {
  return (
    (event.ctrlKey || event.metaKey) &&
    !event.altKey &&
    event.shiftKey === shift &&
    event.key.toLowerCase() === key
  );
}

export const commands = {
  undo: {
    get label() {
      return shellTexts.undo;
    },
    keyShown: "Ctrl+Z",
    matches: (event) => withControl(event, "z", false),
    enabled: (state) => state.undoStack.done.length > 0,
    act: (state) => state.undoStack.done.at(-1)?.change.act,
    run: undo,
  },
  redo: {
    get label() {
      return shellTexts.redo;
    },
    keyShown: "Ctrl+Shift+Z",
    matches: (event) => withControl(event, "z", true) || withControl(event, "y", false),
    enabled: (state) => state.undoStack.undone.length > 0,
    act: (state) => state.undoStack.undone.at(-1)?.change.act,
    run: redo,
  },
} satisfies Record<string, Command>;
