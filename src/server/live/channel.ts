/** The PostgreSQL channel on which every process hears of new revisions. */
export const liveChannel = "fathom_rule_edits";
