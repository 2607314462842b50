import type { Translation } from "../language/texts";
import type { licences as english } from "../en/licences";

export const licences = {
  label: "Lizenzen der verwendeten Bestandteile",
} satisfies Translation<typeof english>;
