/** What an investigation without a title is called. */
export const untitled = "Untitled investigation";
