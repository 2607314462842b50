/** Presses a key on something that is worked by keys: a menu does what the key does. */
export function pressOn(thing: Element, key: string): void {
  const at = { key, bubbles: true, cancelable: true };
  thing.dispatchEvent(new window.KeyboardEvent("keydown", at));
}
