"use client";

import { nanoid } from "nanoid";
import { useEffect, useState } from "react";
import type { Investigation } from "@/investigation/model/investigation";
import {
  forgetCopiesOfOthers,
  forgetPerson,
  rememberedPerson,
  rememberPerson,
  type Snapshot,
} from "../store/deviceCopy";
import { rightsOf, type Standing } from "@/protocol/rights";
import type { BenchTerms } from "@/protocol/briefs";
import type { OpenedBench } from "@/protocol/classes";
import { serverAnswers } from "../offline/serverAnswers";
import { createInvestigationStore, type InvestigationStore } from "../store/investigationStore";
import { openDeviceCopy } from "../store/deviceCopy";
import { Keeper } from "../store/keeper";
import { onLeft } from "../store/leaving";
import { deviceId } from "../store/place";

/** What the server gave when the page was asked for; undefined when its database could not be reached. */
export interface Opened {
  readonly person: { readonly id: string; readonly name: string; readonly toured: boolean };
  readonly document: Investigation;
  readonly revision: number;
  /** How the person stands to it. */
  readonly standing: Standing;
  /** The bench that works on it; undefined where it is a person's own. */
  readonly bench: OpenedBench | undefined;
  /** What was given out to that bench. */
  readonly terms: BenchTerms | undefined;
}

/** A store of what the server gave; one who may only read can't change it. */
function storeOf({ document, revision, standing, bench, terms }: Opened): InvestigationStore {
  const store = createInvestigationStore(document, revision);
  const may = rightsOf[standing];
  const mayEdit = may.has("edit") || may.has("take-back");
  const readOnly = !may.has("edit");
  store.setState({ mayEdit, readOnly, terms, ofBench: bench !== undefined });
  return store;
}

/** A store of this device's copy: what the server last said of the sheet holds on. */
function storeOfCopy({ document, revision, held }: Snapshot): InvestigationStore {
  const store = createInvestigationStore(document, revision);
  if (held) store.setState(held);
  return store;
}

const askAgainAfter = 2500;

/** Opens an investigation from what the server gave, else from this device's copy; keeps it from then on. */
export function useOpenInvestigation(id: string, opened: Opened | undefined) {
  const [store, setStore] = useState<InvestigationStore | undefined>(() =>
    opened ? storeOf(opened) : undefined,
  );
  const [missing, setMissing] = useState(false);
  const personId = opened?.person.id;

  useEffect(() => {
    if (personId) {
      rememberPerson(personId);
      void forgetCopiesOfOthers(personId).catch(() => {});
      return;
    }
    void openDeviceCopy(id, rememberedPerson()).then((copy) => {
      if (copy) setStore(storeOfCopy(copy));
      else setMissing(true);
    });
  }, [id, personId]);

  useEffect(() => {
    if (!store) return;
    const windowId = nanoid(8);
    store.setState({ place: { window: windowId, device: deviceId() } });
    const keeper = new Keeper(store, {
      investigationId: id,
      windowId,
      personId: personId ?? rememberedPerson() ?? "",
    });
    void keeper.start(personId !== undefined);
    const unheard = onLeft(() => {
      keeper.stop();
      void forgetPerson().catch(() => {});
      window.location.reload();
    });
    return () => {
      unheard();
      keeper.stop();
    };
  }, [store, id, personId]);

  useEffect(() => {
    if (!missing) return;
    const look = async () => {
      if (await serverAnswers()) window.location.reload();
    };
    const timer = setInterval(() => void look(), askAgainAfter);
    return () => clearInterval(timer);
  }, [missing]);

  return { store, missing };
}
