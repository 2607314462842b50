"use client";

import { shelfTexts } from "@/wording/shelfTexts";
import { ChevronDown } from "lucide-react";
import { shelfWords } from "@/wording/shelf";
import { buttonLook } from "../parts/Button";
import { MenuOf } from "../parts/MenuOf";
import { useLive } from "../parts/useLive";

interface Props {
  samples: readonly { readonly name: string; readonly title: string }[];
  start: (name: string, asBrief?: boolean) => Promise<void>;
  /** Whether the briefs of the samples are offered too. */
  teaches: boolean;
}

/** The sample investigations that one can start from. */
export function SampleMenu({ samples, start, teaches }: Props) {
  const live = useLive();
  const entries = (asBrief: boolean) =>
    samples.map(({ name, title }) => ({
      id: asBrief ? `${name} brief` : name,
      says: title,
      run: () => void start(name, asBrief),
    }));
  const briefs = { heading: shelfWords.briefsOfSamples, entries: entries(true) };
  return (
    <MenuOf
      disabled={!live}
      groups={[{ entries: entries(false) }, ...(teaches ? [briefs] : [])]}
      anchor="bottom end"
      className={buttonLook()}
    >
      {shelfTexts.startFromASample} <ChevronDown aria-hidden size={15} />
    </MenuOf>
  );
}
