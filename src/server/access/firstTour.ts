import { models } from "../database/models";

/** Remembers that a person has seen the first tour, or has passed it over: it never comes again. */
export async function endFirstTour(personId: string): Promise<void> {
  const { Person } = models();
  await Person.update({ tourEndedAt: new Date() }, { where: { id: personId, tourEndedAt: null } });
}
