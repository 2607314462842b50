import Link from "next/link";
import { LanguageChoice } from "../language/LanguageChoice";
import { OwnName } from "./OwnName";
import { SignOut } from "./SignOut";

interface Props {
  person: { id: string; name: string };
  signOut: () => Promise<void>;
  /** Where the name leads back to the shelf, what says so; undefined on the shelf itself. */
  back?: string;
}

const name = "font-serif text-[17px] font-semibold";

/** The head of a page that is no investigation: whose it is, and the way out. */
export function PlainHeader({ person, signOut, back }: Props) {
  return (
    <>
      <header className="flex h-[46px] items-center gap-3 px-5">
        {back === undefined ? (
          <span className={name}>Fathom Rule</span>
        ) : (
          <Link href="/shelf" title={back} className={name}>
            Fathom Rule
          </Link>
        )}
        <span className="flex-1" />
        <LanguageChoice />
        <OwnName name={person.name} />
        <SignOut personId={person.id} signOut={signOut} />
      </header>
      <div aria-hidden className="bg-boxwood border-boxwood-edge h-3 border-y" />
    </>
  );
}
