"use client";

import { lazy, Suspense } from "react";

/** Where its words can't be had: by the one name that no language changes one can try again. */
function Bare() {
  return (
    <main className="bg-page mx-auto mt-24 max-w-md p-8">
      <a href="" className="font-serif text-xl font-semibold underline">
        Fathom Rule
      </a>
    </main>
  );
}

const Fallen = lazy(() => import("./FallenPage").catch(() => ({ default: Bare })));

/** What is shown where a page falls over. Its script comes when that happens, so that no page waits for it. */
export function LastResort({ error }: { error: Error }) {
  return (
    <Suspense fallback={null}>
      <Fallen error={error} />
    </Suspense>
  );
}
