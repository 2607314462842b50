import { ownVersion, versionHeader } from "@/protocol/versions";

/** Tells the server's log of a fault; nothing that was typed goes with it. */
export function reportFault(where: string, error: unknown): void {
  const message = error instanceof Error ? `${error.name}: ${error.message}` : String(error);
  console.error(error);
  const headers = { "content-type": "application/json", [versionHeader]: ownVersion };
  const body = JSON.stringify({ where, message: message.slice(0, 1000) });
  fetch("/api/faults", { method: "POST", headers, body }).catch(() => {});
}
