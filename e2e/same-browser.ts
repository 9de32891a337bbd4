import { type BrowserContext, test as base } from '@playwright/test';
import { putAwayMade } from './kitchen';

/** What the project says of its browser. */
const ofTheProject = [
  'baseURL',
  'viewport',
  'userAgent',
  'deviceScaleFactor',
  'isMobile',
  'hasTouch',
] as const;

/**
 * Journeys of one lane in one browser, as a house has it: what it fetched and compiled of the page is there already, which saves a third of the
 * time until the Bench stands. What a journey leaves in the browser (drafts, choices, cookies, routes, open pages) is gone before the next, and so are the formulas that it made for itself.
 * A journey with a device or a clock of its own takes a browser of its own, from Playwright’s `test`.
 */
export const test = base.extend<object, { readonly sameBrowser: BrowserContext }>({
  sameBrowser: [
    async ({ browser }, use, { project }) => {
      const context = await browser.newContext(
        Object.fromEntries(ofTheProject.map((name) => [name, project.use[name]])),
      );
      await use(context);
      await context.close();
    },
    { scope: 'worker' },
  ],
  context: async ({ sameBrowser }, use) => {
    await use(sameBrowser);
    await sameBrowser.unrouteAll({ behavior: 'ignoreErrors' });
    await Promise.all(sameBrowser.pages().map((page) => page.close()));
    await putAwayMade(sameBrowser.request);
    await sameBrowser.setStorageState({ cookies: [], origins: [] });
  },
});
