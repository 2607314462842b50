import { letterName } from "../letters";

/** The font files that a source asks for by \further. */
export function furtherFiles(source: string): readonly string[] {
  return [
    ...new Set([...source.matchAll(/\\further\{([^}]+)\}/g)].map(([, file]) => file as string)),
  ];
}

function fontTex(file: string, place: number): string {
  const script = file.startsWith("vazirmatn")
    ? ",Script=Arabic"
    : file.includes("hebrew")
      ? ",Script=Hebrew"
      : "";
  return [
    `  \\newfontfamily\\furtherfont${letterName(place)}[Path=fonts/,Extension=.ttf${script},BoldFont=*,ItalicFont=*,BoldItalicFont=*]{${file}}`,
    `  \\expandafter\\let\\csname further@${file}\\endcsname\\furtherfont${letterName(place)}`,
  ].join("\n");
}

/**
 * What every source begins with: letters by their encodings for pdfLaTeX, and for LuaLaTeX the fonts beside the source that
 * hold what those lack. Letters that pdfLaTeX has no font for are shown by their numbers. Where Latin Modern and cmap are
 * there, its letters are outlines that can be searched and copied.
 */
export function lettersPreamble(source: string): string {
  const files = furtherFiles(source);
  const cyrillic = source.includes("}{T2A}{");
  return [
    ...(files.length > 0
      ? ["% Some letters need LuaLaTeX: pdfLaTeX shows them as their numbers."]
      : []),
    "\\usepackage{iftex}",
    "\\ifPDFTeX",
    "  \\usepackage[utf8]{inputenc}",
    "  \\IfFileExists{cmap.sty}{\\usepackage{cmap}}{}",
    cyrillic
      ? "  \\IfFileExists{t2aenc.def}{\\usepackage[T2A,T1]{fontenc}}{\\usepackage[T1]{fontenc}}"
      : "  \\usepackage[T1]{fontenc}",
    "  \\IfFileExists{lmodern.sty}{\\usepackage{lmodern}}{}",
    "  \\DeclareRobustCommand{\\further}[4]{\\ifx\\relax#2\\relax#4\\else\\ifcsname T@#2\\endcsname{\\fontencoding{#2}\\selectfont#3}\\else#4\\fi\\fi}",
    "  \\DeclareRobustCommand{\\goesleft}[1]{#1}\\DeclareRobustCommand{\\goesright}[1]{#1}\\newcommand{\\fromright}{}",
    "\\else",
    "  \\usepackage{fontspec}",
    "  \\defaultfontfeatures{}",
    "  \\makeatletter",
    ...files.map(fontTex),
    "  \\makeatother",
    "  \\DeclareRobustCommand{\\further}[4]{{\\csname further@#1\\endcsname#3}}",
    "  \\DeclareRobustCommand{\\goesleft}[1]{{\\textdir TRT#1}}\\DeclareRobustCommand{\\goesright}[1]{{\\textdir TLT#1}}\\newcommand{\\fromright}{\\pardir TRT\\textdir TRT}",
    "\\fi",
    "\\DeclareRobustCommand{\\unshown}[1]{\\fbox{\\tiny\\strut#1}\\allowbreak}",
    "\\usepackage{textcomp,amsmath,amssymb}",
  ].join("\n");
}
