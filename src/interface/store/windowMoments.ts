interface Moments {
  /** The network is back, or the window is looked at again or no longer. */
  readonly hurry: () => void;
  /** Somebody is about to leave the window. */
  readonly warn: (event: BeforeUnloadEvent) => void;
  /** The window goes, or may go without another word. */
  readonly leave: () => void;
}

/** Tells of the moments of this window in which what it holds may have to go; gives what ends that. */
export function watchWindow({ hurry, warn, leave }: Moments): () => void {
  const seen = () => {
    leave();
    hurry();
  };
  window.addEventListener("online", hurry);
  window.addEventListener("beforeunload", warn);
  window.addEventListener("pagehide", leave);
  document.addEventListener("visibilitychange", seen);
  return () => {
    window.removeEventListener("online", hurry);
    window.removeEventListener("beforeunload", warn);
    window.removeEventListener("pagehide", leave);
    document.removeEventListener("visibilitychange", seen);
  };
}
