export const sampleTube = {
  /** Square brackets hold what follows the investigation: [=formula], [result:…], [figure:…]; they stay as they are. */
  title: "A resonating tube over water",
  aim: "To find the speed of sound in air, and how far the sound reaches beyond the tube.",
  setUp:
    "A tube stood upright in water. A fork was struck and held over its mouth, and the tube was raised until the sound was loudest for the first time. The length of the air column was read three times for each fork.",
  law: "A quarter of a wave fits into the tube and a little more: [=L + e = v/(4 f)]. So the length against the reciprocal of the frequency is a straight line of slope [=v/4] whose intercept is minus the end correction.",
  found:
    "From [figure:main] the speed of sound is [result:sound] and the end correction [result:correction]. A fit through the origin would have hidden the end correction and made the sound too slow.",
  doubts:
    "Where the sound is loudest can be told to a few millimetres only; the forks are far surer.",
  frequency: "frequency",
  length: "length of the air column",
  reciprocal: "reciprocal of the frequency",
  caption:
    "Length of the air column against the reciprocal of the frequency, with the best-fit, the steepest and the shallowest line; the bars of 1/f are too small to be seen.",
  sound: "speed of sound",
  correction: "end correction",
  table: "table, air at 21 °C",
  radius: "0.6 of the tube’s radius",
} as const;
