import type { Translation } from "../language/texts";
import type { application as english } from "../en/application";

export const application = {
  applicationWords: {
    name: "Fathom Rule",
    description: "Von Messwerten zu fertigen Diagrammen, mit ehrlichen Messunsicherheiten",
  },
} satisfies Translation<typeof english>;
