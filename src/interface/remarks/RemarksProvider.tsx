"use client";

import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import type { SchoolReply } from "@/protocol/accounts";
import type { RemarkChange, SheetRemarks } from "@/protocol/remarks";
import { ownVersion, versionHeader } from "@/protocol/versions";
import { schoolFaults } from "@/wording/accounts";
import { remarkWords } from "@/wording/remarks";
import type { StageId } from "@/wording/stages";
import { remarksChecks } from "../store/answerChecks";
import { useInvestigation } from "../store/useInvestigation";
import { afterChange } from "./remarksState";

interface Shared {
  readonly state: SheetRemarks;
  /** Whether who is here remarks, or answers. */
  readonly teacher: boolean;
  /** What went wrong with the last change; "" where nothing did. */
  readonly wrong: string;
  /** Changes the remarks: shown at once, then kept; whether it was kept. */
  readonly change: (change: RemarkChange) => Promise<boolean>;
}

const nothing: SheetRemarks = { remarks: [] };
const SharedContext = createContext<Shared>({
  state: nothing,
  teacher: false,
  wrong: "",
  change: async () => false,
});

export const useRemarks = (): Shared => useContext(SharedContext);

async function fetched(address: string): Promise<SheetRemarks | undefined> {
  try {
    const response = await fetch(address, { headers: { [versionHeader]: ownVersion } });
    const found: unknown = response.ok ? await response.json() : undefined;
    const { sheetRemarks } = await remarksChecks.fetch();
    return sheetRemarks.isValidSync(found) ? (found as SheetRemarks) : undefined;
  } catch {
    return undefined;
  }
}

/** Sends a change; what stands against it, or "" where it was kept. */
async function kept(address: string, change: RemarkChange): Promise<string> {
  try {
    const response = await fetch(address, {
      method: "POST",
      body: JSON.stringify(change),
      headers: { "content-type": "application/json", [versionHeader]: ownVersion },
    });
    if (response.ok) return "";
    if (response.status !== 422) return remarkWords.notKept;
    const reply = (await response.json()) as SchoolReply;
    return reply.kind === "fault" ? schoolFaults[reply.fault] : "";
  } catch {
    return remarkWords.notKept;
  }
}

interface Props {
  investigationId: string;
  /** Who is here; remarks are a teacher's or a bench's to see. */
  person: string;
  teacher: boolean;
  children: ReactNode;
}

/** The remarks on a bench's sheet, asked for anew whenever something of its handing in or its remarks has changed. */
export function RemarksProvider({ investigationId, person, teacher, children }: Props) {
  const address = `/api/investigations/${investigationId}/remarks`;
  const terms = useInvestigation((state) => state.terms);
  const [state, setState] = useState(nothing);
  const [wrong, setWrong] = useState("");
  const underWay = useRef(0);
  const look = useCallback(async () => {
    const found = await fetched(address);
    if (found && underWay.current === 0) setState(found);
  }, [address]);
  useEffect(() => void look(), [look, terms]);
  const change = useCallback(
    async (one: RemarkChange) => {
      const by = { name: person, at: new Date().toISOString() };
      setState((before) => afterChange(before, one, by));
      underWay.current++;
      const against = await kept(address, one);
      underWay.current--;
      setWrong(against);
      await look();
      return against === "";
    },
    [address, look, person],
  );
  const shared = useMemo(() => ({ state, teacher, wrong, change }), [state, teacher, wrong, change]);
  return <SharedContext value={shared}>{children}</SharedContext>;
} // prettier-ignore

/** How many remarks wait on each stage. */
export function useOpenRemarks(): Partial<Record<StageId, number>> {
  const { remarks } = useRemarks().state;
  const counts: Partial<Record<StageId, number>> = {};
  for (const { stage, done } of remarks) if (!done) counts[stage] = (counts[stage] ?? 0) + 1;
  return counts;
}
