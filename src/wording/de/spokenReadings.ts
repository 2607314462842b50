import type { Translation } from "../language/texts";
import type { spokenReadings as english } from "../en/spokenReadings";

export const spokenReadings = {
  withPower: "{number} mal 10 hoch {exponent}",
} satisfies Translation<typeof english>;
