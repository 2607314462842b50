"use client";

import { useTransition } from "react";
import type { SchoolReply, OwnSession } from "@/protocol/accounts";
import { accountWords } from "@/wording/accounts";
import { Button } from "../parts/Button";
import { Moment } from "../parts/Moment";

const words = accountWords.sessions;

interface Props {
  sessions: readonly OwnSession[];
  /** Ends one by its id, or all others. */
  end: (which: string) => Promise<SchoolReply>;
}

/** The browsers in which a person is signed in, each with the way to end that. */
export function SessionList({ sessions, end }: Props) {
  const [busy, start] = useTransition();
  const ask = (which: string) => start(async () => void (await end(which)));
  return (
    <>
      <table className="mt-2 w-full">
        <thead className="text-soft border-hairline border-b text-left text-xs">
          <tr>
            <th className="py-1 font-normal">{words.browser}</th>
            <th className="font-normal">{words.opened}</th>
            <th className="font-normal">{words.seen}</th>
            <th>
              <span className="sr-only">{words.end}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {sessions.map(({ id, browser, openedAt, seenAt, here }) => (
            <tr key={id} className="border-hairline border-b">
              <td className="py-1.5 pr-3">{browser || words.unknown}</td>
              <td className="text-soft pr-3">
                <Moment at={openedAt} />
              </td>
              <td className="text-soft pr-3">
                <Moment at={seenAt} />
              </td>
              <td className="text-right">
                {here ? (
                  <span className="text-soft">{words.here}</span>
                ) : (
                  <Button
                    look="quiet"
                    disabled={busy}
                    aria-label={words.endOf({ browser: browser || words.unknown })}
                    onClick={() => ask(id)}
                  >
                    {words.end}
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {sessions.length > 1 && (
        <Button className="mt-2" disabled={busy} onClick={() => ask("others")}>
          {words.endOthers}
        </Button>
      )}
    </>
  );
}
