import type { ReactNode } from "react";
import { LanguageChoice } from "../language/LanguageChoice";

/** A page before the shelf: one sheet with something to fill in. */
export function DoorPage({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="min-h-screen">
      <div aria-hidden className="bg-boxwood border-boxwood-edge h-3 border-b" />
      <main className="bg-page border-magenta mx-auto mt-16 max-w-md border-l-2 p-8">
        <h1 className="font-serif text-xl font-semibold wrap-anywhere">{title}</h1>
        {children}
        <p className="mt-4 -ml-1">
          <LanguageChoice />
        </p>
      </main>
    </div>
  );
}
