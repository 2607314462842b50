/** Whether anybody may register as a teacher here, without an invitation. */
export function teachersMayRegister(): boolean {
  return process.env.FATHOM_RULE_TEACHERS?.trim() === "open";
}
