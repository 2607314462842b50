"use client";

import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { useSyncExternalStore } from "react";
import type { GivenAccount } from "@/protocol/classes";
import { classWords } from "@/wording/classes";
import { Button } from "../parts/Button";

const words = classWords.list;

interface Props {
  className: string;
  accounts: readonly GivenAccount[];
  close: () => void;
}

const never = () => () => {};

/** The address to sign in at, as it is read from paper. */
const useAddress = () =>
  useSyncExternalStore(
    never,
    () => window.location.host,
    () => "",
  );

/** First passwords on a sheet to print and cut, shown this once. */
export function FirstPasswords({ className, accounts, close }: Props) {
  const address = useAddress();
  return (
    <Dialog open onClose={() => {}} className="relative z-40">
      <DialogPanel className="bg-page print-alone fixed inset-0 overflow-auto px-8 py-6 print:static">
        <div className="flex flex-wrap items-center gap-3 print:hidden">
          <div className="mr-auto">
            <DialogTitle className="font-serif text-lg font-semibold">{words.sheet}</DialogTitle>
            <p className="text-soft">{words.once}</p>
          </div>
          <Button look="main" onClick={() => window.print()}>
            {words.print}
          </Button>
          <Button onClick={close}>{words.done}</Button>
        </div>
        <ul className="mt-4 grid grid-cols-2 max-sm:grid-cols-1 print:mt-0 print:grid-cols-2 print:text-[11pt]">
          {accounts.map(({ name, signInName, password }) => (
            <li
              key={signInName}
              className="border-hairline -mt-px -ml-px break-inside-avoid border border-dashed p-4"
            >
              <p className="font-semibold wrap-anywhere">
                <bdi>{name}</bdi> <span className="text-soft font-normal">{className}</span>
              </p>
              <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-3 wrap-anywhere">
                <dt className="text-soft">{words.at}</dt>
                <dd>{address}</dd>
                <dt className="text-soft">{words.signInName}</dt>
                <dd className="font-semibold">{signInName}</dd>
                <dt className="text-soft">{words.password}</dt>
                <dd className="font-semibold">{password}</dd>
              </dl>
            </li>
          ))}
        </ul>
      </DialogPanel>
    </Dialog>
  );
}
