/** Whether an object can't change any more, as all that stands in a document: only of such an object an answer lasts. */
export function isLasting(object: object): boolean {
  return Object.isFrozen(object);
}
