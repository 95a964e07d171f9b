import { chromium } from '@playwright/test';
import { CHROMIUM } from './chromium';
import { startServer } from './server';
const server = await startServer();
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage({ viewport: { width: Number(process.env.W ?? 1280), height: Number(process.env.H ?? 800) }, locale: 'en-GB', timezoneId: 'UTC' });
page.on('pageerror', (e) => console.log('PAGEERROR', e.message));
try {
  const jobs = process.argv.slice(2);
  for (const job of jobs) {
    const [name, sheet, out, act] = job.split('|');
    if (name!.startsWith('/')) await page.goto(`${server.url}${name}`);
    else {
      const r = await (await fetch(`${server.url}/api/pieces`)).json() as any;
      const id = r.lines.find((l: any) => l.name === name).id;
      await page.goto(`${server.url}/pieces/${id}/${sheet!.toLowerCase()}`);
      await page.getByRole('region', { name: 'Answers' }).waitFor();
    }
    await page.waitForTimeout(2500);
    if (act === 'crew') { await page.getByRole('button', { name: 'Plan the crew' }).click(); await page.getByText('This crew').waitFor({ timeout: 60000 }); }
    if (act?.startsWith('step')) await page.getByRole('button', { name: new RegExp(`^Step ${act.slice(4)}:`) }).click();
    if (act === 'pdf') { await page.pdf({ path: `/tmp/${out}.pdf`, format: 'A4' }); }
    await page.waitForTimeout(500);
    await page.screenshot({ path: `/tmp/look-${out}.png`, fullPage: act === 'full' });
  }
} finally { await browser.close(); await server.stop?.(); }
process.exit(0);
