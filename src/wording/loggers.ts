import { loggers } from "./en/loggers";
import { worded } from "./language/worded";

const texts = worded("loggers", loggers);

/** What is said where files of loggers are brought in. */
export const loggerWords = texts.loggerWords;

/** Why a file is no recording, or what of it was left out. */
export const loggerProblems = texts.loggerProblems;
