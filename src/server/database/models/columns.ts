import { DataTypes } from "sequelize";

/** Kinds of columns. Sequelize writes into the attributes that it is given, so each column gets its own. */
export const text = () => ({ type: DataTypes.TEXT, allowNull: false });
export const moment = () => ({ type: DataTypes.DATE, allowNull: false });
export const whole = () => ({ type: DataTypes.INTEGER, allowNull: false });
export const json = () => ({ type: DataTypes.JSONB, allowNull: false });
export const yesOrNo = () => ({ type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false });
export const bytes = () => ({ type: DataTypes.BLOB, allowNull: false });
export const key = () => ({ ...text(), primaryKey: true });

/** Columns that may be empty. */
export const optional = {
  text: () => ({ type: DataTypes.TEXT }),
  moment: () => ({ type: DataTypes.DATE }),
  whole: () => ({ type: DataTypes.INTEGER }),
  json: () => ({ type: DataTypes.JSONB }),
  bytes: () => ({ type: DataTypes.BLOB }),
} as const;

/**
 * Columns are called in the database as here, with lines between the words; moments are our own. Each model says its name
 * itself: a build shortens the names of classes, and Sequelize takes two of one name for the same.
 */
export const plainTable = { underscored: true, timestamps: false } as const;
