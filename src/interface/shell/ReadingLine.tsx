"use client";

import Link from "next/link";
import { copyWords } from "@/wording/copies";
import { useRouter } from "next/navigation";
import { type ReactNode, useTransition } from "react";
import { benchWords } from "@/wording/benches";
import { sayings } from "@/wording/sayings";
import type { OpenedBench } from "@/protocol/classes";
import { Neighbours } from "../handing/Neighbours";
import { Button } from "../parts/Button";
import { useLive } from "../parts/useLive";
import { useInvestigation } from "../store/useInvestigation";

const words = sayings.reading;

interface Props {
  investigationId: string;
  bench: OpenedBench | undefined;
  takeCopy: (id: string) => Promise<void>;
  /** What a teacher does with what was handed in. */
  children: ReactNode;
}

/** Says to one who may only read whose sheet it is, and offers a copy of their own. */
export function ReadingLine({ investigationId, bench, takeCopy, children }: Props) {
  const readOnly = useInvestigation((state) => state.readOnly && !state.still);
  const router = useRouter();
  const live = useLive();
  const [taking, start] = useTransition();
  if (!readOnly) return null;
  const copy = () =>
    start(async () => {
      await takeCopy(investigationId);
      router.push("/shelf");
    });
  return (
    <section
      aria-label={words.label}
      className="bg-wash border-hairline flex flex-wrap items-center gap-x-3 gap-y-1 border-b px-5 py-1.5"
    >
      <p role="status" className="mr-auto">
        {bench && (
          <strong className="font-semibold">
            {words.bench(bench.number, benchWords.names(bench.people))}{" "}
          </strong>
        )}
        {words.nothing}
      </p>
      {children}
      {bench?.neighbours && <Neighbours neighbours={bench.neighbours} />}
      <Link
        href={`/copies/${investigationId}`}
        prefetch={false}
        className="text-petrol font-semibold underline"
      >
        {copyWords.open}
      </Link>
      <Button disabled={taking || !live} onClick={copy}>
        {words.copy}
      </Button>
    </section>
  );
}
