import type { Catalogue } from "./texts";

/** The rooms of two catalogues of a language in one. */
export const addRooms = (rooms: Catalogue, further: Catalogue): Catalogue => ({
  ...rooms,
  ...further,
});
