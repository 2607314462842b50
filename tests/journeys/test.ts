import { test as alone } from "@playwright/test";

/** A journey. Browsers of others that it opened are closed with it, so that none goes on listening to the server. */
export const test = alone.extend<{ othersLeave: void }>({
  othersLeave: [
    async ({ browser }, use) => {
      await use();
      await Promise.all(browser.contexts().map((context) => context.close()));
    },
    { auto: true },
  ],
});
