import type { Sequelize } from "sequelize";
import { database } from "./connection";
import { Bench, defineBench } from "./models/bench";
import { BenchPerson, defineBenchPerson } from "./models/benchPerson";
import { ClassPerson, defineClassPerson } from "./models/classPerson";
import { defineEditPart, EditPart } from "./models/editPart";
import { defineExperiment, Experiment } from "./models/experiment";
import { defineHanding, Handing } from "./models/handing";
import { defineInstrumentHold, InstrumentHold } from "./models/instrumentHold";
import { defineInvitation, Invitation } from "./models/invitation";
import { definePerson, Person } from "./models/person";
import { definePhrase, Phrase } from "./models/phrase";
import { defineRemark, Remark } from "./models/remark";
import { defineRemarkAnswer, RemarkAnswer } from "./models/remarkAnswer";
import { defineKeptState, KeptState } from "./models/keptState";
import { defineReadingCopy, ReadingCopy } from "./models/readingCopy";
import { defineRecording, Recording } from "./models/recording";
import { defineRecordingPart, RecordingPart } from "./models/recordingPart";
import { defineReplacement, Replacement } from "./models/replacement";
import { defineSchoolClass, SchoolClass } from "./models/schoolClass";
import { defineSession, Session } from "./models/session";
import { defineStoredEdit, StoredEdit } from "./models/storedEdit";
import { defineStoredInvestigation, StoredInvestigation } from "./models/storedInvestigation";

/** Each after those that it belongs to. */
const definitions = [
  definePerson,
  defineSession,
  defineInvitation,
  defineSchoolClass,
  defineClassPerson,
  defineStoredInvestigation,
  defineExperiment,
  defineBench,
  defineBenchPerson,
  defineHanding,
  defineRemarkAnswer,
  defineRemark,
  definePhrase,
  defineReadingCopy,
  defineKeptState,
  defineStoredEdit,
  defineEditPart,
  defineReplacement,
  defineRecording,
  defineRecordingPart,
  defineInstrumentHold,
];

let defined: Sequelize | undefined;

/** The models, tied to this process's connection pool. */
export function models() {
  const sequelize = database();
  if (defined !== sequelize) {
    for (const define of definitions) define(sequelize);
    defined = sequelize;
  }
  return {
    sequelize,
    Person,
    Session,
    Invitation,
    SchoolClass,
    ClassPerson,
    Experiment,
    Bench,
    BenchPerson,
    Handing,
    Remark,
    RemarkAnswer,
    Phrase,
    StoredInvestigation,
    ReadingCopy,
    KeptState,
    StoredEdit,
    EditPart,
    Replacement,
    Recording,
    RecordingPart,
    InstrumentHold,
  };
}
