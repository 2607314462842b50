import { connection } from "next/server";
import { sayings } from "@/wording/sayings";

/** What stands at an address that leads nowhere; made anew each time, so that it carries the nonce of its answer. */
export default async function NotFound() {
  await connection();
  return (
    <main className="bg-page mx-auto mt-24 max-w-md p-8">
      <h1 className="font-serif text-xl font-semibold">{sayings.notFound.title}</h1>
      <p className="text-soft mt-2">{sayings.notFound.text}</p>
      <a href="/shelf" className="text-petrol mt-4 inline-block font-semibold underline">
        {sayings.notFound.toShelf}
      </a>
    </main>
  );
}
