import type { Sequelize } from "sequelize";
import { database } from "./connection";
import { ClassPerson, defineClassPerson } from "./models/classPerson";
import { defineEditPart, EditPart } from "./models/editPart";
import { defineInvitation, Invitation } from "./models/invitation";
import { definePerson, Person } from "./models/person";
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
  defineStoredEdit,
  defineEditPart,
  defineReplacement,
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
    StoredInvestigation,
    StoredEdit,
    EditPart,
    Replacement,
  };
}
