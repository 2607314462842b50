"use client";

import Link from "next/link";
import { useEffect, useState } from "react";
import type { SchoolFault } from "@/protocol/accounts";
import { schoolFaults, accountWords } from "@/wording/accounts";
import { DoorPage } from "../parts/DoorPage";
import { beginAccount, nameInvited } from "./newAccount";
import { NewAccountFields } from "./NewAccountFields";

const words = accountWords.fresh;

type Invitation =
  | { readonly kind: "looking" }
  | { readonly kind: "good"; readonly name: string; readonly token: string | undefined }
  | { readonly kind: "gone"; readonly fault: SchoolFault };

/** What the address holds behind its #; for a server that is open to all there is nothing to look for. */
function useInvitation(invited: boolean): Invitation {
  const [found, setFound] = useState<Invitation>(
    invited ? { kind: "looking" } : { kind: "good", name: "", token: undefined },
  );
  useEffect(() => {
    if (!invited) return;
    const token = window.location.hash.slice(1);
    void nameInvited(token).then((reply) =>
      setFound(
        "name" in reply
          ? { kind: "good", name: reply.name, token }
          : { kind: "gone", fault: reply.fault },
      ),
    );
  }, [invited]);
  return found;
}

function titleOf(invitation: Invitation, invited: boolean): string {
  if (invitation.kind !== "good") return "Fathom Rule";
  return invited ? words.invited({ name: invitation.name }) : words.open;
}

interface Props {
  invited: boolean;
  /** Who is signed in here: they do not begin another account unawares. */
  person: { readonly name: string } | undefined;
}

const link = "text-petrol mt-4 inline-block font-semibold underline";

/** Where somebody begins an account: by an invitation, or on a server that is open to all teachers. */
export function NewAccountPage({ invited, person }: Props) {
  const invitation = useInvitation(invited);
  if (person) {
    return (
      <DoorPage title="Fathom Rule">
        <p className="mt-2">{words.signedIn({ name: person.name })}</p>
        <Link href="/shelf" className={link}>
          {words.toShelf}
        </Link>
      </DoorPage>
    );
  }
  return (
    <DoorPage title={titleOf(invitation, invited)}>
      {invitation.kind === "looking" && <p role="status">{words.looking}</p>}
      {invitation.kind === "gone" && (
        <>
          <p role="alert" className="mt-2">
            {schoolFaults[invitation.fault]}
          </p>
          <Link href="/sign-in" className={link}>
            {words.toSignIn}
          </Link>
        </>
      )}
      {invitation.kind === "good" && (
        <>
          <p className="text-soft mt-1">{words.text}</p>
          <NewAccountFields
            given={invitation.name}
            act={words.begin}
            begin={(wanted) => beginAccount(wanted, { token: invitation.token })}
          />
        </>
      )}
    </DoorPage>
  );
}
