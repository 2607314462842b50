import {
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from "sequelize";
import { bytes, key, optional, plainTable, whole } from "./columns";

/** Readings of a recording that came together; a chunk where they have levels. */
export class RecordingPart extends Model<
  InferAttributes<RecordingPart>,
  InferCreationAttributes<RecordingPart>
> {
  declare recordingId: string;
  /** The number of its first reading. */
  declare first: number;
  declare readings: number;
  declare data: Buffer;
  declare levels: CreationOptional<Buffer | null>;
}

export function defineRecordingPart(sequelize: Sequelize): void {
  RecordingPart.init(
    {
      recordingId: key(),
      first: { ...whole(), primaryKey: true },
      readings: whole(),
      data: bytes(),
      levels: optional.bytes(),
    },
    { ...plainTable, sequelize, modelName: "RecordingPart", tableName: "recording_parts" },
  );
}
