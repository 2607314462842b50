import { endFirstTour } from "@/server/access/firstTour";
import { admitPerson } from "@/server/access/gate";
import { openSession } from "@/server/access/sessions";
import { models } from "@/server/database/models";
import { closeDatabase, prepareDatabase, somebody } from "./place";

beforeAll(prepareDatabase);
afterAll(closeDatabase);

test("the first tour waits for a person until it is ended, and then never comes again", async () => {
  const id = await somebody();
  const other = await somebody();
  const { token } = await openSession(id);
  expect(await admitPerson(token)).toMatchObject({ person: { toured: false } });
  await endFirstTour(id);
  expect(await admitPerson(token)).toMatchObject({ person: { toured: true } });
  const first = (await models().Person.findByPk(id))!.tourEndedAt;
  await endFirstTour(id);
  expect((await models().Person.findByPk(id))!.tourEndedAt).toEqual(first);
  expect((await models().Person.findByPk(other))!.tourEndedAt).toBeNull();
});
