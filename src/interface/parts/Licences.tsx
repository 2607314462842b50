import { shelfWords } from "@/wording/shelf";

/** Leads to the licences of all that the application is made with. */
export function Licences() {
  return (
    <p className="text-soft mt-10 text-xs">
      <a href="/licences.txt" className="underline">
        {shelfWords.licences}
      </a>
    </p>
  );
}
