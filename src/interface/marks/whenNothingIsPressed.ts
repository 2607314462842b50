import { flushSync } from "react-dom";

/** In ms, between one look whether something is pressed and the next. */
const again = 50;

/**
 * Shows something of its own accord as soon as no button is held down on the page, so that what somebody presses does
 * not move away between pressing and letting go. Gives what calls it off.
 */
export function whenNothingIsPressed(show: () => void): () => void {
  const look = () => {
    if (document.querySelector(":active")) timer = setTimeout(look, again);
    else flushSync(show);
  };
  let timer = setTimeout(look);
  return () => clearTimeout(timer);
}
