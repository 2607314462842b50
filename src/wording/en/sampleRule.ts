export const sampleRule = {
  /** Square brackets hold what follows the investigation: [=formula], [result:…], [figure:…]; they stay as they are. */
  title: "Springiness of a clamped rule",
  aim: "To find the stiffness (Young modulus) [=E] of the steel of a rule from the time in which it swings with a load at its free end.",
  setUp:
    "A steel rule was clamped to the edge of the bench with its flat side up, and a load was taped to its free end, its middle at the length [=L] from the clamp.",
  timed:
    "The load was pushed down by about a finger’s width and let go. Ten swings were timed by hand, three times at each overhang, counting from the lowest point.",
  law: "For small swings the period follows [=T = 2π√(4 m L³/(E b d³))], with the load [constant:load], the width [constant:width] and the thickness [constant:thickness] of the rule. So [=T^2] against [=L^3] is a straight line, and its slope holds the stiffness.",
  shows: "[figure:main] shows the square of the period against the cube of the overhang.",
  found:
    "The slope of [figure:main] was [slope:main], so the stiffness of the steel is [result:stiffness].",
  doubts:
    "The thickness enters with its third power and brings the largest part of the uncertainty: it should be measured at more places. The times scatter by about a tenth of a second, as timing by hand does.",
  source: "Data sheet of spring steel, as kept in the physics room.",
  overhang: "overhang",
  time: "time for ten swings",
  period: "period",
  cubed: "overhang cubed",
  squared: "period squared",
  load: "load",
  width: "width of the rule",
  thickness: "thickness of the rule",
  caption:
    "Square of the period against the cube of the overhang of the clamped rule, with the best-fit, the steepest and the shallowest line; bars show the ±.",
  stiffness: "stiffness of the steel",
  accepted: "data sheet of spring steel",
} as const;
