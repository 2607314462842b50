import type { Translation } from "../language/texts";
import type { settingAside as english } from "../en/settingAside";

export const settingAside = {
  reasonWords: { another: "andere Begründung", typed: "Die Begründung" },
  words: {
    misread: "falsch abgelesen",
    disturbed: "beim Messen gestört",
    slipped: "Messgerät verrutscht oder nicht genullt",
    "beyond-theory": "außerhalb des Bereichs, für den die Theorie gilt",
    "as-noted": "mit den Notizen verglichen: so abgelesen",
    method: "das Verfahren verlangt es",
    "best-there-is": "das Messgerät erlaubt nichts Besseres",
  },
} satisfies Translation<typeof english>;
