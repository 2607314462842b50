import pino from "pino";
import { logLevels } from "../settings/logLevels";

/**
 * The server's log, a line of JSON each: what was asked and how it was answered, with the id of the request. Nothing
 * that was typed, no name and no password goes into it.
 */
export const log = pino({
  level: logLevels.find((level) => level === process.env.LOG_LEVEL) ?? "info",
  base: undefined,
  timestamp: pino.stdTimeFunctions.isoTime,
  serializers: { error: pino.stdSerializers.err },
});
