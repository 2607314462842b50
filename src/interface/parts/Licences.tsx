import { licencesLabel } from "@/wording/licences";

/** Leads to the licences of all that the application is made with. */
export function Licences() {
  return (
    <p className="text-soft mt-10 text-xs">
      <a href="/licences.txt" className="underline">
        {licencesLabel()}
      </a>
    </p>
  );
}
