import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from "sequelize";
import type { RecordingDescription } from "@/protocol/recordings";
import { json, key, moment, optional, plainTable, text, whole } from "./columns";

/** What an instrument recorded for an investigation. */
export class Recording extends Model<
  InferAttributes<Recording>,
  InferCreationAttributes<Recording>
> {
  declare id: string;
  declare investigationId: string;
  /** Null once their account is gone. */
  declare begunBy: string | null;
  declare description: RecordingDescription;
  /** How many readings of each channel there are. */
  declare readings: CreationOptional<number>;
  declare begunAt: CreationOptional<Date>;
  /** Nothing is added from then on; null while it records. */
  declare stoppedAt: CreationOptional<Date | null>;
}

export function defineRecording(sequelize: Sequelize): void {
  Recording.init(
    {
      id: key(),
      investigationId: text(),
      begunBy: optional.text(),
      description: json(),
      readings: { ...whole(), defaultValue: 0 },
      begunAt: { ...moment(), defaultValue: DataTypes.NOW },
      stoppedAt: optional.moment(),
    },
    { ...plainTable, sequelize, modelName: "Recording", tableName: "recordings" },
  );
}
