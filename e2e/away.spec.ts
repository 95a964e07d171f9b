// The server goes away and comes back: what was loaded stays usable, it is said, and nothing drawn is lost.
import { expect, test } from './house';
import { startServer } from './server';

test(
  'loaded once, the app opens without its server, says so, and saves when it is back',
  { tag: '@long' },
  async ({ browser }) => {
    const first = await startServer();
    const context = await browser.newContext({ serviceWorkers: 'allow' });
    const page = await context.newPage();
    await page.goto(`${first.url}/pieces`);
    // Its worker keeps the app a few seconds after the first look.
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await page.waitForTimeout(1500);
    await page.getByRole('link', { name: 'Salt cellar' }).click();
    await expect(page.getByRole('region', { name: 'Answers' })).toBeVisible();
    await page.waitForTimeout(500);
    const { url } = first;
    const port = Number(new URL(url).port);
    first.stop();

    await page.reload();
    await expect(page.getByRole('region', { name: 'Answers' })).toBeVisible();
    await expect(
      page.getByText(/The server is away\. What is shown is as it was at \d\d:\d\d/),
    ).toBeVisible();
    await page.getByLabel('Name of the piece').fill('Salt cellar, at sea');
    await page.keyboard.press('Control+s');
    await expect(
      page.getByText(/The server does not answer\. Your changes stay here/),
    ).toBeVisible();
    await page.goto(`${url}/pieces`);
    await expect(page.getByRole('link', { name: 'Salt cellar' })).toBeVisible();

    const again = await startServer(port);
    await expect(page.getByText(/The server is away/)).toBeHidden();
    await context.close();
    again.stop();
  },
);
