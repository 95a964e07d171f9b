// One night a piece: band, line, Night, card, CSV and revisions tell the checked schedule, the very same.
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import { checkedSchedule, type Schedule } from '@zanfirico/core/night';
import { printDuration, printText } from '@zanfirico/core/units';
import Papa from 'papaparse';
import { lastTaken } from '../../../../testing/taken';
import { asAsked } from '../../../../testing/workers';
import { clockWords } from '../../../clock/clockWords';
import { deriveDocument } from '../../../derived/deriveDocument';
import { useDraft } from '../../../stores/draft';
import {
  demoPiece,
  houseForAll,
  nightChecked,
  onBoard,
  openSheet,
  textFile,
  typeInto,
} from '../../../../testing/house';
import { seen } from '../../../../testing/seen';

const house = houseForAll();

const METRIC = { temperature: 'C', length: 'mm', mass: 'g' } as const;
/** The night as the core has it, with nobody between. */
const nightOf = (name: string): Schedule => {
  const derived = deriveDocument(demoPiece(name))?.derived;
  if (derived?.ok !== true) throw new Error(`${name} can be made`);
  return checkedSchedule(asAsked(derived.night)).schedule;
};
const slowOf = (s: Schedule): string => {
  const row = s.rows.find((r) => r.name === 'Slow fall');
  return printText(row?.rate ?? NaN, 'rate', METRIC);
};

// The salt cellar's card said 9.6 °C/h and 18.6 h where its Night said 7.4 and 20.7.
const NAMES = ['Salt cellar', 'Oil cruet', 'Harbour float'];

describe('one night a piece', () => {
  long.each(NAMES)('%s: Night, band and card agree with the simulation', async (name) => {
    const night = nightOf(name);
    const { firing } = demoPiece(name);
    const door = clockWords(firing.lastIn, night.total.value);
    const { user } = await openSheet(house, demoPiece(name), 'night');
    await nightChecked();
    expect(screen.getByRole('heading', { name: /Door may open/ })).toHaveTextContent(door.time);
    const table = screen.getByRole('table', { name: 'Annealing programme' });
    expect(within(table).getByRole('row', { name: /Slow fall/ })).toHaveTextContent(slowOf(night));
    const band = screen.getByRole('region', { name: 'Answers' });
    expect(band).toHaveTextContent(door.time);
    expect(band).not.toHaveTextContent('being checked');

    await user.click(screen.getByRole('link', { name: 'Card' }));
    const card = await screen.findByRole('article', { name: 'Bench card' });
    expect(card).toHaveTextContent(`Night: door may open ${door.time} ${door.day}`);
    expect(card).not.toHaveTextContent('not checked');
    expect(within(card).getByRole('row', { name: /Slow fall/ })).toHaveTextContent(slowOf(night));

    await user.click(screen.getByRole('link', { name: 'Section' }));
    const line = (await screen.findByRole('link', { name: 'Tonight' })).closest('p');
    expect(line).toHaveTextContent(slowOf(night));
    expect(line).toHaveTextContent(`Door ${door.time} ${door.day}`);
  });

  it('the CSV that leaves is the checked one, even when it is asked for at once', async () => {
    const night = nightOf('Salt cellar');
    const { user } = await openSheet(house, demoPiece('Salt cellar'));
    await user.click(screen.getByText('Take away'));
    await user.click(screen.getByRole('button', { name: 'Tonight’s schedule, as CSV' }));
    await nightChecked();
    await screen.findByText('Take away');
    const text = (await lastTaken())?.text ?? '';
    const { data } = Papa.parse<Record<string, string>>(text.trimEnd(), { header: true });
    const slow = data.find((r) => r['what'] === 'Slow fall');
    const row = night.rows.find((r) => r.name === 'Slow fall');
    expect(Number(slow?.['rate_c_per_h'])).toBeCloseTo((row?.rate ?? 0) * 3600, 2);
    expect(data).toHaveLength(night.rows.length);
  });

  it('revisions tell it too', async () => {
    const { user } = await openSheet(house, demoPiece('Oil cruet'));
    await user.click(screen.getByRole('button', { name: /Revision/ }));
    const dialog = await screen.findByRole('dialog', { name: 'Revisions' });
    await seen(() =>
      within(dialog).getByText(
        new RegExp(`${printDuration(nightOf('Oil cruet').total.value)} in the box`),
      ),
    );
  });
});

describe('what is set in the Night sheet', () => {
  it('practice, hold, clock and door are kept with the piece, and the night follows', async () => {
    const { user } = await openSheet(house, demoPiece('Tide-pool bowl'), 'night');
    await nightChecked();
    const slow = (): string => screen.getByRole('row', { name: /Slow fall/ }).textContent;
    const studio = slow();
    await user.click(screen.getByRole('radio', { name: /Casting and fine work/ }));
    await nightChecked();
    expect(onBoard().firing.practice).toBe('fine');
    expect(slow()).not.toBe(studio);
    await user.click(screen.getByRole('button', { name: '925 °F' }));
    expect(onBoard().firing.holdTemperature).toBeCloseTo(496.1, 1);
    await user.click(screen.getByRole('button', { name: 'annealing point' }));
    expect(onBoard().firing.holdTemperature).toBeNull();
    await typeInto(user, screen.getByLabelText('Last piece in'), '5.30 pm');
    expect(onBoard().firing.lastIn).toBe('17:30');
    await typeInto(user, screen.getByLabelText(/^Door at/), '80');
    expect(onBoard().firing.doorTemperature).toBe(80);
    await typeInto(user, screen.getByLabelText(/^Door at/), '300');
    expect(screen.getByRole('alert')).toHaveTextContent(
      /Door at: given 300 °C; allowed 30 °C to 200 °C/,
    );
  });

  long('a hold at which it sags, or takes days to relax, is said', async () => {
    const { user } = await openSheet(house, demoPiece('Tide-pool bowl'), 'night');
    await typeInto(user, screen.getByLabelText(/^Hold at/), '640 C');
    await seen(() =>
      screen.getByText(/the upper wall of the body would sink by (more than 10|\d+\.\d) mm/),
    );
  });

  it('an annealer of the shop stands for the box; one that is gone is said to be', async () => {
    const bowl = demoPiece('Tide-pool bowl');
    const { user } = await openSheet(
      house,
      { ...bowl, firing: { ...bowl.firing, annealer: 'the old one' } },
      'night',
    );
    const choice = await screen.findByRole('combobox', { name: 'Annealer' });
    expect(choice).toHaveDisplayValue('the old one (gone from the shop)');
    await user.selectOptions(choice, 'a studio box');
    expect(onBoard().firing).not.toHaveProperty('annealer');
    await typeInto(user, screen.getByLabelText(/^Box cooling time/), '6:00');
    expect(onBoard().firing.boxCoolingTime).toBe(6 * 3600);
    expect(useDraft.temporal.getState().pastStates.length).toBeGreaterThan(0);
  });
});

describe('below the curve', () => {
  const openTab = async (piece: string, tab: string) => {
    const opened = await openSheet(house, demoPiece(piece), 'night');
    await nightChecked();
    await opened.user.click(screen.getByRole('tab', { name: tab }));
    return opened;
  };

  long(
    'practices are compared, and a recipe of the shop’s is judged, told what to do, and kept',
    async () => {
      const { user } = await openTab('Quay goblet', 'Compare');
      const compared = await screen.findByRole('region', { name: 'Compared' });
      await waitFor(
        () => {
          expect(within(compared).queryAllByText('working …')).toHaveLength(0);
        },
        { timeout: 60_000 },
      );
      expect(within(compared).getByRole('row', { name: /Held at 925 °F/ })).toHaveTextContent(
        'kWh',
      );
      await user.click(within(compared).getByRole('button', { name: 'A recipe of ours' }));
      await user.type(within(compared).getByLabelText('Called'), 'Grandmother’s');
      // What comes first is tonight's own programme; a hasty fall is typed over it.
      await typeInto(user, within(compared).getAllByLabelText(/^At/)[1] as HTMLElement, '200 C/h');
      await user.click(within(compared).getByRole('button', { name: 'Keep it' }));
      await seen(() => screen.getByText(/is kept with the shop’s recipes/));
      const row = await within(compared).findByRole('row', { name: /Grandmother’s/ });
      await waitFor(
        () => {
          expect(row).toHaveTextContent(/(Watch|No)\. It keeps/);
        },
        { timeout: 60_000 },
      );
      expect(row).toHaveTextContent('Fall slower');
    },
    120_000,
  );

  it('what happened is judged: the power off, the door open, a logger’s table in °F, no table at all', async () => {
    const { user } = await openTab('Tide-pool bowl', 'Accidents');
    const accidents = await screen.findByRole('region', { name: 'Accidents' });
    const keeps = (): Promise<HTMLElement> =>
      within(accidents).findByText(/Now it keeps/, undefined, { timeout: 60_000 });
    await keeps();
    await user.click(within(accidents).getByText('The door was opened'));
    await typeInto(user, within(accidents).getByLabelText('Minutes'), '0');
    expect(within(accidents).getByRole('alert')).toHaveTextContent('Minutes: given “0”');
    await user.keyboard('{Escape}');
    await keeps();
    await user.click(within(accidents).getByText('A logger’s table'));
    const log = within(accidents).getByLabelText('Logger table');
    await user.upload(
      log,
      textFile(
        'night.csv',
        'time,temp\n22:00,941\n23:30,941\n00:10,600\n02:00,300\n02:00,299\n06:00,100',
      ),
    );
    await waitFor(() => {
      expect(accidents).toHaveTextContent('taken for °F');
    });
    expect(accidents).toHaveTextContent('came twice');
    await keeps();
    await user.upload(log, textFile('words.csv', 'nothing to read here'));
    expect(await within(accidents).findByRole('alert')).toHaveTextContent('No two readings');
  }, 120_000);

  it('in an annealer of the shop it is worked out anew; programme and way up leave as tables', async () => {
    const { user } = await openSheet(house, demoPiece('Tide-pool bowl'), 'night');
    await user.selectOptions(screen.getByLabelText('Annealer'), 'the big box');
    await seen(() => screen.getByText(/Its figures are on/));
    await nightChecked();
    await user.click(screen.getByRole('button', { name: 'This schedule (CSV)' }));
    expect((await lastTaken())?.name).toMatch(/night\.csv$/);
    await user.click(screen.getByRole('tab', { name: 'Going up' }));
    await user.click(await screen.findByRole('button', { name: 'This recipe (CSV)' }));
    expect((await lastTaken())?.name).toBe('going-up.csv');
    expect((await lastTaken())?.text).toMatch(/rate|°C|c_per_h/i);
  });

  it('on the wall it stands in big, by the same clock, and comes off by its cross', async () => {
    const { user } = await openSheet(house, demoPiece('Tide-pool bowl'), 'night');
    await nightChecked();
    const door = /\d\d:\d\d/.exec(
      screen.getByRole('heading', { name: /Door may open/ }).textContent,
    )?.[0];
    await user.click(screen.getByRole('button', { name: 'On the wall' }));
    const wall = screen.getByRole('dialog', { name: /Tonight on the wall/ });
    expect(wall).toHaveTextContent(`Door ${door ?? 'none'}`);
    await user.click(within(wall).getByRole('button', { name: 'Off the wall' }));
    expect(screen.queryByRole('dialog', { name: /Tonight on the wall/ })).toBeNull();
  });
});

describe('in the night clocks are put back', () => {
  afterEach(() => {
    jest.useRealTimers();
  });
  const REAL = [
    'hrtime',
    'nextTick',
    'performance',
    'queueMicrotask',
    'requestAnimationFrame',
    'cancelAnimationFrame',
    'requestIdleCallback',
    'cancelIdleCallback',
    'setImmediate',
    'clearImmediate',
    'setInterval',
    'clearInterval',
    'setTimeout',
    'clearTimeout',
  ] as const;
  // Tests run in Central European time (jest.config.mjs); Directive 2000/84/EC: the last Sunday in October at 01:00 UTC.
  const doorOn = async (day: string): Promise<number> => {
    jest.useFakeTimers({ now: new Date(`${day}T12:00:00Z`), doNotFake: [...REAL] });
    await openSheet(house, demoPiece('Tide-pool bowl'), 'night');
    await nightChecked();
    const heading = screen.getByRole('heading', { name: /Door may open/ }).textContent;
    const [, h = '', m = ''] = /(\d\d):(\d\d)/.exec(heading) ?? [];
    return 60 * Number(h) + Number(m);
  };

  it('the door is an hour earlier on the clock, and that is said', async () => {
    const plain = await doorOn('2026-10-20');
    expect(screen.queryByText(/Clocks are put back/)).toBeNull();
    cleanup();
    expect(await doorOn('2026-10-24')).toBe(plain - 60);
    expect(screen.getByText(/Clocks are put back within this night/)).toBeVisible();
  });
});
