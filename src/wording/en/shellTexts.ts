export const shellTexts = {
  allKeys: "All keys",
  undo: "Undo",
  redo: "Redo",
  itIsTooLong: "it is too long",
  signIn: "Sign in",
  houseRules: "House rules",
  theConventionsOfAClass:
    "The conventions of a class or an exam board. They are kept with the investigation; tables, figures and results follow at once.",
  titleOfTheInvestigation: "Title of the investigation",
  toTheShelf: "To the shelf",
  stages: "Stages",
  stagenameAltPosition: "{stageName} (Alt+{position})",
} as const;
