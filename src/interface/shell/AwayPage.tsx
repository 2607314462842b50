import { windowTitle } from "@/wording/windowTitle";
import { awayWords } from "@/wording/away";

/** When the database can't be reached and the device can't help either. */
export function AwayPage({ text = awayWords.text }: { text?: string }) {
  return (
    <main className="bg-page mx-auto mt-24 max-w-md p-8">
      <title>{windowTitle(awayWords.title)}</title>
      <h1 className="font-serif text-xl font-semibold">{awayWords.title}</h1>
      <p className="text-soft mt-2">{text}</p>
      <a href="" className="text-petrol mt-4 inline-block font-semibold underline">
        {awayWords.again}
      </a>
    </main>
  );
}
