export const spokenActs = {
  /** Said when something is done; what it did stands behind, as in "readings typed". */
  said: {
    done: "{what}.",
    undone: "Undone: {what}.",
    again: "Done again: {what}.",
  },
} as const;
