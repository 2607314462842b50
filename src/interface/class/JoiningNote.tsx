"use client";

import QRCode from "qrcode";
import { useEffect, useState, useTransition } from "react";
import type { OpenedClass } from "@/protocol/classes";
import { classWords } from "@/wording/classes";
import { Button } from "../parts/Button";
import type { ClassChanges } from "./classChanges";

const words = classWords.joining;

/** The link for joining and its picture, known once the page lives. */
function useLink(code: string) {
  const [known, setKnown] = useState<{ link: string; picture: string }>();
  useEffect(() => {
    const link = `${window.location.origin}/join#${code.replace(" ", "-")}`;
    let wanted = true;
    void QRCode.toString(link, { type: "svg", margin: 1 }).then((svg) => {
      const picture = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
      if (wanted) setKnown({ link, picture });
    });
    return () => void (wanted = false);
  }, [code]);
  return known;
}

function Code({ code }: { code: string }) {
  const known = useLink(code);
  const [copied, setCopied] = useState("");
  const copy = () =>
    known && void navigator.clipboard.writeText(known.link).then(() => setCopied(known.link));
  return (
    <>
      <p className="text-soft mt-1">{words.open}</p>
      <p className="mt-2 text-2xl font-semibold tracking-widest">{code}</p>
      {known && (
        // eslint-disable-next-line @next/next/no-img-element
        <img
          src={known.picture}
          alt={words.picture({ code })}
          width={180}
          height={180}
          className="mt-2"
        />
      )}
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <Button disabled={!known} onClick={copy}>
          {words.copy}
        </Button>
        <span role="status">{known && copied === known.link && words.copied}</span>
      </div>
    </>
  );
}

/** How students join the class: code, link and picture, which can be renewed, and joining closed. */
export function JoiningNote({ opened, changes }: { opened: OpenedClass; changes: ClassChanges }) {
  const [busy, start] = useTransition();
  const { id, code, joiningOpen, archived } = opened;
  if (archived) return <p className="text-soft mt-1">{words.putBy}</p>;
  return (
    <>
      {joiningOpen ? <Code code={code} /> : <p className="text-soft mt-1">{words.closed}</p>}
      <div className="mt-2 flex flex-wrap gap-2">
        {joiningOpen && (
          <Button
            look="quiet"
            disabled={busy}
            onClick={() => start(async () => void (await changes.renewCode(id)))}
          >
            {words.renew}
          </Button>
        )}
        <Button
          look={joiningOpen ? "quiet" : "plain"}
          disabled={busy}
          onClick={() => start(async () => void (await changes.openJoining(id, !joiningOpen)))}
        >
          {joiningOpen ? words.close : words.openAgain}
        </Button>
      </div>
    </>
  );
}
