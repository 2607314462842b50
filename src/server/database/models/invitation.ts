import {
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from "sequelize";
import { key, moment, optional, plainTable, text } from "./columns";

/** A link by which somebody becomes a teacher here, once; only a hash of its token is kept. */
export class Invitation extends Model<
  InferAttributes<Invitation>,
  InferCreationAttributes<Invitation>
> {
  declare tokenHash: string;
  declare name: string;
  /** Null where the command on the server invited. */
  declare invitedBy: string | null;
  declare expiresAt: Date;
  declare usedAt: CreationOptional<Date | null>;
}

export function defineInvitation(sequelize: Sequelize): void {
  Invitation.init(
    {
      tokenHash: key(),
      name: text(),
      invitedBy: optional.text(),
      expiresAt: moment(),
      usedAt: optional.moment(),
    },
    { ...plainTable, sequelize, modelName: "Invitation", tableName: "invitations" },
  );
}
