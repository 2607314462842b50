import { windowTitles as english } from "./en/windowTitles";
import { worded } from "./language/worded";
import { windowTitle } from "./windowTitle";

const { titles } = worded("windowTitles", english);

/** What the window of a page is called that does not name itself by what it shows. */
export const pageTitle = (page: keyof typeof titles): string => windowTitle(titles[page]);
