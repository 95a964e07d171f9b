// The night: believed by simulation, looked into, compared, shortened, judged after an accident; the box, and bare numbers.
import { expect, expectAccessible, openPiece, test } from './house';

test.describe('the night', () => {
  test('the schedule is put through the simulation, looked into, and the wall shows it big', async ({
    page,
  }) => {
    await openPiece(page, 'Tide-pool bowl');
    await page.getByRole('link', { name: 'Night' }).last().click();
    await expect(page.getByText(/Good\. It keeps \d\.\d\d MPa/)).toBeVisible();
    await expect(page.getByRole('figure', { name: /Tension through the night/ })).toBeVisible();
    await page.getByRole('tab', { name: 'Inside' }).click();
    const inside = page.getByRole('region', { name: /Inside the wall: tension/ });
    await expect(inside).toContainText('Orange is pulled');
    const moment = page.getByLabel('Moment of the night');
    const before = await moment.getAttribute('aria-valuetext');
    await moment.focus();
    for (let i = 0; i < 5; i += 1) await page.keyboard.press('ArrowRight');
    await expect(moment).not.toHaveAttribute('aria-valuetext', before ?? '');
    await page.getByText('Temperature', { exact: true }).click();
    await expect(page.getByRole('region', { name: /Inside the wall: temperature/ })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'On the wall' }).click();
    const wall = page.getByRole('dialog', { name: /Tonight on the wall/ });
    await expect(wall).toContainText('Door');
    await page.getByRole('button', { name: 'Off the wall' }).click();
    await expect(wall).toBeHidden();
  });

  test('practices are compared, and a recipe of the shop’s is judged and kept', async ({
    page,
  }) => {
    await openPiece(page, 'Quay goblet');
    await page.getByRole('link', { name: 'Night' }).last().click();
    await page.getByRole('tab', { name: 'Compare' }).click();
    const compared = page.getByRole('region', { name: 'Compared' });
    await expect(compared.getByText('working …')).toHaveCount(0, { timeout: 30_000 });
    await expect(compared.getByRole('row', { name: /Held at 925 °F/ })).toContainText('kWh');
    await compared.getByRole('button', { name: 'A recipe of ours' }).click();
    await compared.getByLabel('Called').fill('Grandmother’s');
    // What comes first is tonight's own programme; a hasty fall is typed over it.
    await compared.getByLabel(/^At/).nth(1).fill('200 C/h');
    await compared.getByLabel(/^At/).nth(1).press('Enter');
    await compared.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('is kept with the shop’s recipes')).toBeVisible();
    const row = compared.getByRole('row', { name: /Grandmother’s/ });
    await expect(row).toContainText(/(Watch|No)\. It keeps/, { timeout: 30_000 });
    await expect(row).toContainText('Fall slower');
    await expectAccessible(page);
  });

  test('the shortest is looked for, stopped, and is sound', async ({ page }) => {
    await openPiece(page, 'Gull on a bollard');
    await page.getByRole('link', { name: 'Night' }).last().click();
    await page.getByRole('tab', { name: 'Shorter' }).click();
    const shorter = page.getByRole('region', { name: 'Shorter' });
    await shorter.getByRole('button', { name: 'Look for the shortest' }).click();
    await expect(shorter.getByRole('status')).toContainText(/best so far/, { timeout: 30_000 });
    await shorter.getByRole('button', { name: 'Stop, keep the best' }).click();
    await expect(shorter).toContainText(/less than tonight as set/);
    await expect(shorter).toContainText('Good.');
  });

  test('the power was off, a log is read, and what to do is said; going up has its own clock', async ({
    page,
  }) => {
    await openPiece(page, 'Tide-pool bowl');
    await page.getByRole('link', { name: 'Night' }).last().click();
    await page.getByRole('tab', { name: 'Accidents' }).click();
    const accidents = page.getByRole('region', { name: 'Accidents' });
    await expect(accidents).toContainText(/Now it keeps/, { timeout: 30_000 });
    await accidents.getByText('A logger’s table').click();
    await accidents.getByLabel('Logger table').setInputFiles({
      name: 'night.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(
        'time,temp\n22:00,941\n23:30,941\n00:10,600\n02:00,300\n02:00,299\n06:00,100',
      ),
    });
    await expect(accidents).toContainText('taken for °F');
    await expect(accidents).toContainText('came twice');
    await expect(accidents).toContainText(/Soaked again|Carry on|carries|keeps/, {
      timeout: 30_000,
    });
    await accidents.getByLabel('Logger table').setInputFiles({
      name: 'words.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from('nothing to read here'),
    });
    await expect(accidents.getByRole('alert')).toContainText('No two readings');
    await page.getByRole('tab', { name: 'Going up' }).click();
    await expect(page.getByRole('region', { name: 'Going up' })).toContainText(/°C\/h/, {
      timeout: 30_000,
    });
  });

  test('tonight’s box: who stands in it, who sets the clock, hard and soft apart, a calendar', async ({
    page,
  }) => {
    await page.goto('/night');
    await expect(page.getByText('Nothing is in the box yet')).toBeVisible();
    for (const name of ['Tide-pool bowl', 'Quay goblet']) await page.getByLabel(name).check();
    const load = page.getByRole('region', { name: 'The load' });
    await expect(load).toContainText(/sets the clock; without it the door opens/, {
      timeout: 30_000,
    });
    await expectAccessible(page);
    const taken = page.waitForEvent('download');
    await page.getByRole('button', { name: /iCalendar/ }).click();
    expect((await taken).suggestedFilename()).toMatch(/\.ics$/);
    await page.getByRole('tab', { name: 'Accidents' }).click();
    await expect(page.getByRole('list', { name: 'Each piece of the load' })).toContainText(
      'Quay goblet',
      { timeout: 30_000 },
    );
    await page.getByLabel('Rain gauge').check();
    await expect(page.getByRole('alert')).toContainText('Hard and soft glass cannot share a night');
    await page.getByLabel('Log of a night').setInputFiles({
      name: 'cool.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(
        `s,top C,bottom C\n${Array.from({ length: 60 }, (_, i) => `${String(600 * i)},${String(20 + 480 * Math.exp((-600 * i) / 21600))},${String(32 + 480 * Math.exp((-600 * i) / 21600))}`).join('\n')}`,
      ),
    });
    await expect(page.getByText(/cools to a third in 6 h .* is uneven by 12 K/)).toBeVisible();
    await expect(page.getByLabel(/^Uneven by/)).toHaveValue('12');
  });

  test('margins say what is worth measuring; what is assumed can be changed; a weak box is said to be one', async ({
    page,
  }) => {
    await page.goto('/night');
    await page.getByRole('tab', { name: 'By numbers' }).click();
    await expect(page.getByRole('list', { name: 'What it keeps' })).toContainText('nm/cm', {
      timeout: 30_000,
    });
    await page.getByRole('tab', { name: 'Margins' }).click();
    const margins = page.getByRole('region', { name: 'Margins' });
    await expect(margins.getByRole('row')).toHaveCount(10, { timeout: 30_000 });
    await expect(margins).toContainText('thick and thin hold each other fully');
    await expectAccessible(page);
    await page.getByText('What is assumed').click();
    await page.getByLabel(/^Thick held by thin/).fill('100');
    await page.getByLabel(/^Thick held by thin/).press('Enter');
    await expect(margins.getByRole('row')).toHaveCount(9, { timeout: 30_000 });
    await expect(margins).not.toContainText('thick and thin hold each other fully');
    // Two figures typed as fast as hands can: both are kept.
    await page.getByLabel(/^Uneven by/).fill('9 C');
    await page.getByLabel(/^Uneven by/).press('Enter');
    await page.getByLabel(/^Power/).fill('900 W');
    await page.getByLabel(/^Power/).press('Enter');
    await expect(page.getByLabel(/^Uneven by/)).toHaveValue('9');
    await expect(page.getByText(/With 0\.9 kW this box gets no hotter than/)).toBeVisible({
      timeout: 30_000,
    });
  });

  test('a piece goes into an annealer of the shop, and its night goes out as a table', async ({
    page,
  }) => {
    await openPiece(page, 'Tide-pool bowl');
    await page.getByRole('link', { name: 'Night' }).last().click();
    await page.getByLabel('Annealer').selectOption('the big box');
    await expect(page.getByText(/Its figures are on/)).toBeVisible();
    await expect(page.getByText(/Good\. It keeps/)).toBeVisible({ timeout: 30_000 });
    const taken = page.waitForEvent('download');
    await page.getByRole('button', { name: 'This schedule (CSV)' }).click();
    expect((await taken).suggestedFilename()).toMatch(/\.csv$/);
    await page.getByRole('tab', { name: 'Going up' }).click();
    const recipe = page.waitForEvent('download');
    await page.getByRole('button', { name: 'This recipe (CSV)' }).click({ timeout: 30_000 });
    expect((await recipe).suggestedFilename()).toBe('going-up.csv');
  });

  test('in the night clocks are put back the door is an hour earlier on the clock, and that is said', async ({
    browser,
    baseURL,
  }) => {
    const context = await browser.newContext({ timezoneId: 'Europe/Berlin', baseURL });
    const page = await context.newPage();
    const doorOn = async (day: string): Promise<number> => {
      await page.clock.setFixedTime(new Date(`${day}T12:00:00Z`));
      await openPiece(page, 'Tide-pool bowl');
      await page.getByRole('link', { name: 'Night' }).last().click();
      await expect(page.getByText(/Good\. It keeps/)).toBeVisible({ timeout: 30_000 });
      const heading = await page.getByRole('heading', { name: /Door may open/ }).textContent();
      const [, h = '', m = ''] = /(\d\d):(\d\d)/.exec(heading ?? '') ?? [];
      return 60 * Number(h) + Number(m);
    };
    const plain = await doorOn('2026-10-20');
    await expect(page.getByText('Clocks are put back')).toHaveCount(0);
    const changed = await doorOn('2026-10-24');
    expect(changed).toBe(plain - 60);
    await expect(page.getByText(/Clocks are put back within this night/)).toBeVisible();
    await context.close();
  });
});
