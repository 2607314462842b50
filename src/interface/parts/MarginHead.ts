import { createContext } from "react";

/** What stands at the top of the margin of every stage; null where nothing does. */
export const MarginHead = createContext<React.ReactNode>(null);
