import {
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from "sequelize";
import { key, moment, plainTable, text, whole } from "./columns";

/** One part of a long edit that is still on its way. */
export class EditPart extends Model<InferAttributes<EditPart>, InferCreationAttributes<EditPart>> {
  declare investigationId: string;
  declare authorId: string;
  declare editId: string;
  declare part: number;
  declare text: string;
  declare receivedAt: Date;
}

export function defineEditPart(sequelize: Sequelize): void {
  EditPart.init(
    {
      investigationId: key(),
      authorId: key(),
      editId: key(),
      part: { ...whole(), primaryKey: true },
      text: text(),
      receivedAt: moment(),
    },
    { ...plainTable, sequelize, modelName: "EditPart", tableName: "edit_parts" },
  );
}
