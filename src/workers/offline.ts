/** The page that shows what this device holds; it stands in for pages of the server while that is away. */
export const pageOfDevice = "/here";

/** Whether a page can be shown from what this device holds: the shelf, and each investigation. */
export function isKeptPage(path: string): boolean {
  return (
    path === "/" ||
    path === "/shelf" ||
    path === pageOfDevice ||
    /^\/investigation\/[^/]+(\/[a-z]+)?$/.test(path)
  );
}
