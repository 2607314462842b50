"use client";

import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { X } from "lucide-react";
import { nanoid } from "nanoid";
import { type KeyboardEvent, useState } from "react";
import { type RemarkPlace, remarkLimits } from "@/protocol/remarks";
import type { StageId } from "@/wording/stages";
import { placeWords, remarkWords as words } from "@/wording/remarks";
import { Button } from "../parts/Button";
import { RunTextView } from "../parts/RunTextView";
import { TextArea } from "../parts/TextArea";
import { useInvestigation } from "../store/useInvestigation";
import { placeAttribute } from "../together/usePresence";
import { useRemarks } from "./RemarksProvider";

/** What a remark is on, with the words that it quotes. */
export function OnWhat({ place }: { place: RemarkPlace }) {
  const document = useInvestigation((state) => state.document);
  return (
    <>
      <RunTextView runs={placeWords(document, place)} />
      {place.quote !== "" && <q className="ml-1 italic">{place.quote}</q>}
    </>
  );
}

/** A teacher's own words for use again. */
function Phrases({ take }: { take: (text: string) => void }) {
  const { state, change } = useRemarks();
  const phrases = state.phrases ?? [];
  if (phrases.length === 0) return null;
  return (
    <Menu>
      <MenuButton as={Button} look="quiet">
        {words.phrases.open}
      </MenuButton>
      <MenuItems
        modal={false}
        anchor="bottom start"
        className="bg-page border-hairline z-20 max-h-80 w-80 rounded-md border py-1 shadow-sm focus:outline-none"
      >
        {phrases.map((text) => (
          <div key={text} className="flex">
            <MenuItem>
              <button
                type="button"
                onClick={() => take(text)}
                className="data-focus:bg-wash min-w-0 flex-1 px-3 py-1 text-left wrap-anywhere"
              >
                {text}
              </button>
            </MenuItem>
            <MenuItem>
              <button
                type="button"
                aria-label={words.phrases.forget({ text })}
                onClick={() => void change({ kind: "forget-phrase", text })}
                className="text-soft data-focus:bg-wash px-2"
              >
                <X aria-hidden size={14} />
              </button>
            </MenuItem>
          </div>
        ))}
      </MenuItems>
    </Menu>
  );
}

/** The things on the page that a remark can be on, but its many readings: those are reached cell by cell. */
function placesHere(): readonly string[] {
  const found = [...document.querySelectorAll(`[${placeAttribute}]`)];
  const places = found.map((element) => element.getAttribute(placeAttribute) ?? "");
  return [...new Set(places)].filter((place) => place !== "" && !place.startsWith("cell:"));
}

/** The same by keys: each thing on the stage by its name, and the stage as a whole. */
function PlacesHere({ stage, pick }: { stage: StageId; pick: (place: string) => void }) {
  const sheet = useInvestigation((state) => state.document);
  return ["", ...placesHere()].map((place) => (
    <MenuItem key={place}>
      <button
        type="button"
        onClick={() => pick(place)}
        className="data-focus:bg-wash block w-full px-3 py-1 text-left"
      >
        <RunTextView runs={placeWords(sheet, { stage, place, quote: "" })} />
      </button>
    </MenuItem>
  ));
}

interface Props {
  place: RemarkPlace;
  pick: (place: string) => void;
}

/** Where a teacher writes a remark on what is picked. */
export function Composer({ place, pick }: Props) {
  const { state, change } = useRemarks();
  const [text, setText] = useState("");
  const said = text.trim();
  const put = async () => {
    if (said === "") return;
    setText("");
    const done = await change({ kind: "put", id: nanoid(12), text: said, ...place });
    if (!done) setText(said);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== "Enter" || !(event.ctrlKey || event.metaKey)) return;
    event.preventDefault();
    void put();
  };
  const canKeep =
    said !== "" && said.length <= remarkLimits.phrase && !state.phrases?.includes(said);
  return (
    <div onKeyDown={onKeyDown}>
      <p className="mb-1 flex flex-wrap items-baseline gap-x-1.5">
        <span className="text-soft">{words.on}</span>
        <strong className="font-semibold" data-testid="remark-on">
          <OnWhat place={place} />
        </strong>
        <Menu>
          <MenuButton as={Button} look="quiet">
            {words.other}
          </MenuButton>
          <MenuItems modal={false}
            anchor="bottom start"
            className="bg-page border-hairline z-20 max-h-80 rounded-md border py-1 shadow-sm focus:outline-none"
          >
            <PlacesHere stage={place.stage} pick={pick} />
          </MenuItems>
        </Menu>
      </p>
      <TextArea label={words.field} value={text} maxLength={remarkLimits.letters} onChange={setText} />
      <div className="mt-1.5 flex flex-wrap gap-1.5">
        <Button look="main" disabled={said === ""} onClick={() => void put()}>
          {words.put}
        </Button>
        <Phrases take={(phrase) => setText(text.trim() === "" ? phrase : `${text.trimEnd()} ${phrase}`)} />
        {canKeep && (
          <Button look="quiet" onClick={() => void change({ kind: "keep-phrase", text: said })}>
            {words.phrases.keep}
          </Button>
        )}
      </div>
      <p className="text-soft mt-1 text-xs">{words.pick}</p>
    </div>
  );
} // prettier-ignore
