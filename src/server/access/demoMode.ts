/** Whether this is the demo: only then do the demo accounts exist for sign-in. */
export function demoMode(): boolean {
  return process.env.FATHOM_RULE_DEMO === "1";
}

/** The accounts that the demo shows on its sign-in page. */
export const demoAccounts = [
  { signInName: "ines", name: "Ines", password: "slack-water", kind: "student" },
  { signInName: "tobi", name: "Tobi", password: "spring-tide", kind: "student" },
  { signInName: "greta", name: "Greta", password: "harbour-light", kind: "teacher" },
] as const;
