import type { Message } from "./texts";

/** In a browser every text has been made ready by the build. */
const compiledText = (text: Message): Message => text;

export default compiledText;
