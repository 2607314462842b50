/** In ms: how often a window that stays open looks for a newer version. */
const looksEvery = 30 * 60_000;

const path = "/offline.js";

/** Where the browser keeps applications, and this is no page of a workshop. */
function home(): ServiceWorkerContainer | undefined {
  const built = process.env.NODE_ENV === "production";
  return built && typeof navigator !== "undefined" && "serviceWorker" in navigator ? navigator.serviceWorker : undefined;
} // prettier-ignore

/** Whether this page is answered for by the application on the device, so that it would open without the server. */
export function applicationIsKept(): boolean {
  return home()?.controller != null;
}

/** Hears when that changes. @returns how to hear no more. */
export function onKept(hear: () => void): () => void {
  home()?.addEventListener("controllerchange", hear);
  return () => home()?.removeEventListener("controllerchange", hear);
}

let looking = false;

/** Has the application kept on this device, so that it opens without the server; where that can't be, nothing is lost. */
export async function keepApplication(): Promise<void> {
  if (looking) return;
  const registration = await home()
    ?.register(path, { updateViaCache: "none" })
    .catch(() => undefined);
  if (!registration) return;
  looking = true;
  setInterval(() => void registration.update().catch(() => {}), looksEvery);
}

/** Hears when a newer version is ready to be taken; gives what takes it. @returns how to hear no more. */
export function onNewer(hear: (take: () => void) => void): () => void {
  let heard = true;
  const container = home();
  const tell = (waiting: ServiceWorker) => {
    if (!heard) return;
    hear(() => {
      container?.addEventListener("controllerchange", () => window.location.reload(), {
        once: true,
      });
      waiting.postMessage({ type: "SKIP_WAITING" });
    });
  };
  const watch = (registration: ServiceWorkerRegistration) => {
    // The first version of all is no newer one: nothing was here before it.
    const isNewer = () => registration.waiting !== null && registration.active !== null;
    if (isNewer() && registration.waiting) tell(registration.waiting);
    registration.addEventListener("updatefound", () => {
      registration.installing?.addEventListener("statechange", () => {
        if (isNewer() && registration.waiting) tell(registration.waiting);
      });
    });
  };
  void container?.ready.then((registration) => heard && watch(registration));
  return () => {
    heard = false;
  };
}
