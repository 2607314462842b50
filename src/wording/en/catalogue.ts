import { accounts } from "./accounts";
import { acts } from "./acts";
import { application } from "./application";
import { away } from "./away";
import { benches } from "./benches";
import { bigEntry } from "./bigEntry";
import { briefs } from "./briefs";
import { changes } from "./changes";
import { classTable } from "./classTable";
import { classes } from "./classes";
import { concludeTexts } from "./concludeTexts";
import { concluding } from "./concluding";
import { copies } from "./copies";
import { curves } from "./curves";
import { deriveTexts } from "./deriveTexts";
import { deriving } from "./deriving";
import { figureMenu } from "./figureMenu";
import { figureTexts } from "./figureTexts";
import { figures } from "./figures";
import { filing } from "./filing";
import { filingTexts } from "./filingTexts";
import { findings } from "./findings";
import { gridMenu } from "./gridMenu";
import { handing } from "./handing";
import { history } from "./history";
import { houseRules } from "./houseRules";
import { instrumentNames } from "./instrumentNames";
import { instruments } from "./instruments";
import { keyNames } from "./keyNames";
import { keys } from "./keys";
import { languageWords } from "./languageWords";
import { later } from "./later";
import { licences } from "./licences";
import { lines } from "./lines";
import { loggers } from "./loggers";
import { looks } from "./looks";
import { measureTexts } from "./measureTexts";
import { natureTexts } from "./natureTexts";
import { offline } from "./offline";
import { overview } from "./overview";
import { partsTexts } from "./partsTexts";
import { pasting } from "./pasting";
import { plotTexts } from "./plotTexts";
import { pooling } from "./pooling";
import { quantityKinds } from "./quantityKinds";
import { quickFormulas } from "./quickFormulas";
import { recordings } from "./recordings";
import { recordingsTexts } from "./recordingsTexts";
import { remarks } from "./remarks";
import { removing } from "./removing";
import { reportFindings } from "./reportFindings";
import { reportTexts } from "./reportTexts";
import { rowsInWords } from "./rowsInWords";
import { sayings } from "./sayings";
import { settingAside } from "./settingAside";
import { shelf } from "./shelf";
import { shelfTexts } from "./shelfTexts";
import { shellTexts } from "./shellTexts";
import { sideBySide } from "./sideBySide";
import { signIn } from "./signIn";
import { slopeTexts } from "./slopeTexts";
import { slopeWord } from "./slopeWord";
import { spokenActs } from "./spokenActs";
import { spokenReadings } from "./spokenReadings";
import { spokenUnits } from "./spokenUnits";
import { stages } from "./stages";
import { straighten } from "./straighten";
import { straightenTexts } from "./straightenTexts";
import { tabling } from "./tabling";
import { takingOut } from "./takingOut";
import { together } from "./together";
import { tour } from "./tour";
import { uncertainty } from "./uncertainty";
import { untitled } from "./untitled";
import { windowTitles } from "./windowTitles";
import { writeupTexts } from "./writeupTexts";
import { writingUp } from "./writingUp";

/** All that is said in English, by room. */
export const catalogue = {
  accounts,
  acts,
  application,
  away,
  benches,
  bigEntry,
  briefs,
  changes,
  classTable,
  classes,
  concludeTexts,
  concluding,
  copies,
  curves,
  deriveTexts,
  deriving,
  figureMenu,
  figureTexts,
  figures,
  filing,
  filingTexts,
  findings,
  gridMenu,
  handing,
  history,
  houseRules,
  instrumentNames,
  instruments,
  keyNames,
  keys,
  languageWords,
  later,
  licences,
  lines,
  loggers,
  looks,
  measureTexts,
  natureTexts,
  offline,
  overview,
  partsTexts,
  pasting,
  plotTexts,
  pooling,
  quantityKinds,
  quickFormulas,
  recordings,
  recordingsTexts,
  remarks,
  removing,
  reportFindings,
  reportTexts,
  rowsInWords,
  sayings,
  settingAside,
  shelf,
  shelfTexts,
  shellTexts,
  sideBySide,
  signIn,
  slopeTexts,
  slopeWord,
  spokenActs,
  spokenReadings,
  spokenUnits,
  stages,
  straighten,
  straightenTexts,
  tabling,
  takingOut,
  together,
  tour,
  uncertainty,
  untitled,
  windowTitles,
  writeupTexts,
  writingUp,
};
