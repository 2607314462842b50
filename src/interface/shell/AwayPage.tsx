import { windowTitle } from "@/wording/windowTitles";
import { sayings } from "@/wording/sayings";

/** When the database can't be reached and the device can't help either. */
export function AwayPage({ noCopy = false }: { noCopy?: boolean }) {
  return (
    <main className="bg-page mx-auto mt-24 max-w-md p-8">
      <title>{windowTitle(sayings.away.title)}</title>
      <h1 className="font-serif text-xl font-semibold">{sayings.away.title}</h1>
      <p className="text-soft mt-2">{noCopy ? sayings.away.noCopy : sayings.away.text}</p>
      <a href="" className="text-petrol mt-4 inline-block font-semibold underline">
        {sayings.away.again}
      </a>
    </main>
  );
}
