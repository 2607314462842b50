"use client";

import { useEffect, useState } from "react";
import { offlineWords as words } from "@/wording/offline";
import { untitled } from "@/wording/untitled";
import { Button } from "../parts/Button";
import { rememberedPerson } from "../store/deviceCopy";
import { serverAnswers } from "./serverAnswers";
import { useCopiesHere } from "./useCopiesHere";

/** In ms: how often the server is looked for. */
const looksEvery = 5_000;

/** Goes to the shelf where the server answers; whether it does. */
async function toShelf(): Promise<boolean> {
  const answers = await serverAnswers();
  if (answers) window.location.replace(new URL("/shelf", window.location.origin));
  return answers;
}

/** Goes to the shelf once the server answers; @returns what looks at once, and what came of that. */
function useServer() {
  const [still, setStill] = useState(false);
  useEffect(() => {
    void toShelf();
    const timer = setInterval(() => void toShelf(), looksEvery);
    return () => clearInterval(timer);
  }, []);
  return { still, look: () => void toShelf().then((gone) => setStill(!gone)) };
}

function Copies() {
  const [person] = useState(rememberedPerson);
  const copies = useCopiesHere(person);
  if (person === null) return <p className="mt-4">{words.nobody}</p>;
  if (copies?.length === 0) return <p className="mt-4">{words.none}</p>;
  return (
    <ul className="divide-hairline border-hairline mt-4 divide-y border-y">
      {copies?.map(({ id, title, waiting }) => (
        <li key={id} className="hover:bg-wash">
          <a
            href={`/investigation/${id}/measure`}
            className="flex flex-wrap items-baseline justify-between gap-x-4 px-2 py-2"
          >
            <span className="max-w-full min-w-0 font-serif text-[17px] font-semibold wrap-anywhere">
              {title || untitled()}
            </span>
            {waiting > 0 && (
              <span className="text-magenta">{words.waiting({ count: waiting })}</span>
            )}
          </a>
        </li>
      ))}
    </ul>
  );
}

/** What stands in for the shelf while the server is away: the investigations that this device holds. */
export function DeviceShelf() {
  const { still, look } = useServer();
  return (
    <>
      <header className="flex h-[46px] items-center px-5">
        <span className="font-serif text-[17px] font-semibold">Fathom Rule</span>
      </header>
      <div aria-hidden className="bg-boxwood border-boxwood-edge h-3 border-y" />
      <main className="bg-page border-magenta mx-auto mt-8 max-w-3xl border-l-2 px-8 py-6">
        <h1 className="font-serif text-xl font-semibold">{words.title}</h1>
        <p className="text-soft mt-1">{words.text}</p>
        <Copies />
        <div className="mt-5 flex flex-wrap items-center gap-3">
          <Button onClick={look}>{words.look}</Button>
          <p role="status" className="text-soft">
            {still && words.still}
          </p>
        </div>
      </main>
    </>
  );
}
