/** What leads to the licences of all that is shipped, at the foot of a page. */
export const licencesLabel = "Licences of what this is made with";
