/** How much the server's log says, least first. */
export const logLevels = ["silent", "fatal", "error", "warn", "info", "debug", "trace"] as const;
