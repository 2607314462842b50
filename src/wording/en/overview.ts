export const overview = {
  agreements: {
    agree: "They agree within their ±: reduced χ² = {chi}.",
    apart:
      "They do not agree within their ±: reduced χ² = {chi}. Some ± are too small, or something is off at a bench.",
    "closer than expected":
      "They lie closer together than their ± let expect: reduced χ² = {chi}. The ± may be too large.",
  },
  /** What is said on the class overview. */
  overviewWords: {
    views: {
      label: "What to see of it",
      glance: "At a glance",
      benches: "Benches",
    },
    empty: {
      title: "No bench yet",
      text: "Once students sit at benches, each is a row here, with what it has measured so far.",
      doIt: "Make benches",
    },
    table: {
      label: "The benches at a glance",
      bench: "bench",
      where: "where they are",
      readings: "readings",
      marks: "marks",
      straight: "straight",
      slope: "slope",
      result: "result",
      handed: "handed in",
      sortBy: "Order by {column}",
      choose: "Bench {number}: what to ask",
      yes: "yes",
      no: "no",
      none: "–",
      notBegun: "not begun",
      apart: "stands apart",
      openMarks: "{count} open pencil {count, plural, one {mark} other {marks}}",
    },
    line: {
      label:
        "The results of {benches} {benches, plural, one {bench} other {benches}} on a number line",
      mean: "all",
      accepted: "accepted",
      none: "No bench has a result yet. They show here as benches reach them.",
    },
    together: {
      stillAgree: "Taken all together they still agree within their ±: reduced χ² = {chi}.",
      unsure:
        "{count, plural, one {Bench {benches} knows no ± and is not in the mean.} other {Benches {benches} know no ± and are not in the mean.}}",
      elsewhere:
        "{count, plural, one {Bench {benches} states a result of another kind, which does not lie on this line.} other {Benches {benches} state a result of another kind, which does not lie on this line.}}",
      title: "All benches together",
      mean: "{of, plural, one {One bench has a result with a ± so far.} other {Mean of {of} benches, weighted by their ±.}}",
      apart: "Bench {bench} stands apart from the others by {by} of its ±.",
      meets: "The accepted value lies within reach of both ±.",
      misses: "The accepted value lies beyond both ±.",
      none: "No bench has a result with a ± yet.",
    },
    ask: {
      title: "Bench {bench}: what to ask",
      choose: "Choose a bench in the table to see what to ask there.",
      apart:
        "Its result lies {by} of its ± from the others: ask how the quantities behind it were measured.",
      nothing: "No pencil mark is open in their sheet.",
      notYet: "Nothing is worked out of their sheet yet.",
      more: "and {count} more",
      read: "Read their sheet",
    },
    pool: {
      doIt: "Pool the class",
      text: "One investigation of yours with each bench as a series.",
    },
    takeOut: {
      reportName: "bench {bench} {names}",
      left: "Left out, as the sheet can’t be read: {names}.",
      open: "Take out…",
      label: "What to take out of the class",
      results: "Results as CSV",
      marks: "Marks as CSV",
      marksName: "{title} marks",
      reports: "Reports as PDF, in a ZIP",
      resultsName: "{title} results",
      reportsName: "{title} reports",
      kinds: {
        csv: "CSV",
        zip: "ZIP",
      },
    },
    shown: {
      title: "Who sees it",
      label: "Students of the class see the overview",
      options: {
        no: "no",
        numbers: "yes, by the numbers of the benches",
        names: "yes, with names",
      },
      text: "They see where each bench is, its slope and its result, not its pencil marks.",
    },
    projector: {
      open: "Projector",
      title: "for the projector",
      names: "Names",
      dark: "Dark",
      back: "Back",
      whole: "Whole screen",
      label: "How it is shown",
    },
    away: "The connection is lost: what stands here may be old.",
    ended: "This overview is not shown to you any more.",
  },
} as const;
