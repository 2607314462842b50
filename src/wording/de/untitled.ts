import type { Translation } from "../language/texts";
import type { untitled as english } from "../en/untitled";

export const untitled = {
  name: "Auswertung ohne Titel",
  figure: "Diagramm",
  copyOf: "{title} (Kopie)",
} satisfies Translation<typeof english>;
