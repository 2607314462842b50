import type { ReportCheck } from "./reportCheck";

/** Readings set aside without saying why. */
export const asideWithoutReason: ReportCheck = ({ context: { document } }) => {
  const count = Object.values(document.rows).filter(({ setAside }) =>
    Object.values(setAside ?? {}).some(
      (reason) => typeof reason === "string" && reason.trim() === "",
    ),
  ).length;
  return count > 0 ? [{ block: "", finding: { name: "aside-without-reason", rows: count } }] : [];
};
