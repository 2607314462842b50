import type { Investigation } from "@/investigation/model/investigation";

/** What a file says of itself, so that it is known again whatever its name. */
export const fileFormat = "fathom-rule investigation";

/** The whole investigation as JSON; `intake/investigationFile` reads it back without loss. */
export function investigationJson(document: Investigation): string {
  return `${JSON.stringify({ format: fileFormat, ...document }, null, 2)}\n`;
}
