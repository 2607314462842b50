import { clearOldTries } from "../access/attempts";
import { Op } from "sequelize";
import { models } from "../database/models";
import { foldOld } from "../history/folding";
import { sweepRecordings } from "../recordings/copies";
import { oldestDeleted } from "../investigations/listShelf";

/** Takes away for good what is kept no longer: what left the shelf long ago, sessions that have run out, old tries to sign in. What was done long ago is folded; recordings that no sheet names any more go. */
export async function sweep(): Promise<void> {
  const { StoredInvestigation, Session } = models();
  await StoredInvestigation.destroy({ where: { deletedAt: { [Op.lt]: oldestDeleted() } } });
  await Session.destroy({ where: { expiresAt: { [Op.lt]: new Date() } } });
  await clearOldTries();
  await foldOld();
  await sweepRecordings();
}
