/** The cookie by which a browser says which language was chosen in it. */
export const languageCookie = "fathom_rule_language";
