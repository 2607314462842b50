"use client";

import { writtenDate } from "@/wording/language/writtenDate";
import { shellTexts } from "@/wording/shellTexts";
import { sayings } from "@/wording/sayings";
import type { Saving } from "../store/investigationStore";
import { useInvestigation } from "../store/useInvestigation";

function sentence(saving: Saving): string {
  if ("device" in saving && saving.device === "writing") return sayings.saving.keeping;
  if ("device" in saving && saving.device === "refused") return sayings.saving.nowhere;
  switch (saving.kind) {
    case "kept":
      return sayings.saving.kept({
        time: writtenDate(saving.at, { hour: "2-digit", minute: "2-digit" }),
      });
    case "keeping":
      return sayings.saving.keeping;
    case "on-device":
      return sayings.saving.onDevice;
    case "waiting":
      return sayings.saving.waiting;
    case "failing":
      return sayings.saving.failing;
    case "forbidden":
      return sayings.saving.forbidden;
    case "page-older":
      return sayings.saving.pageOlder;
    case "page-newer":
      return sayings.saving.pageNewer;
    case "signed-out":
      return sayings.saving.signedOut;
    case "handed-in":
      return sayings.saving.handedIn;
    case "lost":
      return sayings.saving.lost;
  }
}

/** What a fresh page mends, or may mend. */
const reloaded: readonly Saving["kind"][] = ["forbidden", "page-older", "page-newer"];

/** Whether all that was typed is kept, and where. */
export function SaveLine() {
  const saving = useInvestigation((state) => state.saving);
  const readOnly = useInvestigation((state) => state.readOnly);
  const calm = saving.kind === "kept" || saving.kind === "keeping";
  if (readOnly && calm) return null;
  return (
    <p
      role={calm ? undefined : "status"}
      data-testid="saving"
      className={
        calm
          ? "text-soft max-sm:min-w-0 max-sm:flex-1 max-sm:truncate max-sm:text-xs"
          : "text-ink max-w-[260px] shrink-0 text-right leading-tight font-semibold text-balance min-[1100px]:max-w-none"
      }
    >
      {sentence(saving)}{" "}
      {saving.kind === "signed-out" && (
        <a href="/sign-in" target="_blank" className="text-petrol underline">
          {shellTexts.signIn}
        </a>
      )}
      {reloaded.includes(saving.kind) && (
        <button
          type="button"
          className="text-petrol underline"
          onClick={() => window.location.reload()}
        >
          {sayings.saving.reload}
        </button>
      )}
    </p>
  );
}
