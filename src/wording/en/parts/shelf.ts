/** What is said on the shelf and on the pages of classes and accounts. */
export { classTable } from "../classTable";
export { classes } from "../classes";
export { houseRules } from "../houseRules";
export { licences } from "../licences";
export { overview } from "../overview";
export { shelf } from "../shelf";
export { shelfTexts } from "../shelfTexts";
