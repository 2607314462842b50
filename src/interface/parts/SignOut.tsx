"use client";

import { useState, useTransition } from "react";
import type { Investigation } from "@/investigation/model/investigation";
import { sayings } from "@/wording/sayings";
import { laterSheet } from "../later/laterPart";
import { forgetAllBut, sayLeft, type Unsent, unsentHere } from "../store/leaving";
import { Button } from "./Button";

const words = sayings.signOut;

const UnsentSheet = laterSheet(() => import("./UnsentSheet").then((part) => part.UnsentSheet));

/** The way out: what is not with the server yet is asked about first and stays; nothing else of the person does. */
export function SignOut(props: {
  personId: string;
  signOut: () => Promise<void>;
  /** The document that is open here, of which the device may hold no copy yet. */
  here?: () => Investigation;
}) {
  const { personId, signOut, here } = props;
  const [unsent, setUnsent] = useState<readonly Unsent[]>([]);
  const [away, setAway] = useState(false);
  const [leaving, start] = useTransition();
  const leave = () =>
    start(async () => {
      const answers = await fetch("/sign-in", { method: "HEAD" }).then(
        ({ ok }) => ok,
        () => false,
      );
      setAway(!answers);
      if (!answers) return;
      await forgetAllBut(personId).catch(() => {});
      await signOut();
      sayLeft();
      // The page is left altogether: no way that was still under way leads back, and nothing of the person stays.
      window.location.assign(new URL("/sign-in", window.location.href));
    });
  const ask = async () => {
    const found = await unsentHere(personId).catch(() => []);
    if (found.length > 0) setUnsent(found);
    else leave();
  };
  return (
    <>
      {away && <span role="alert">{words.away}</span>}
      <Button disabled={leaving} onClick={() => void ask()}>
        {words.button}
      </Button>
      <UnsentSheet
        open={unsent.length > 0}
        unsent={unsent}
        here={here}
        leaving={leaving}
        onLeave={leave}
        onStay={() => setUnsent([])}
      />
    </>
  );
}
