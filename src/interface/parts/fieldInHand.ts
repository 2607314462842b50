import { createContext } from "react";

/** Asks for a field of the margin by its id: its block opens, and the keyboard goes there. */
export const AskForFieldContext = createContext<(field: string) => void>(() => {});

/** The field that was asked for last; a new object for each asking. */
export const FieldInHandContext = createContext<{ readonly field: string } | undefined>(undefined);
