"use client";

import { useMedia } from "./useMedia";

/** Whether the screen is a phone's: narrower than this, in CSS pixels. */
export const useNarrow = (): boolean => useMedia("(max-width: 560px)");
