// The Night place: tonight's box, the week, a night by bare numbers.
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';
import { lastTaken } from '../../../testing/taken';
import { houseForAll, openAt, typeInto } from '../../../testing/house';
import { useTonight } from '../../stores/tonight';
import { seen } from '../../../testing/seen';

houseForAll(true);
beforeEach(() => {
  useTonight.setState(useTonight.getInitialState());
});

const open = async (): Promise<UserEvent> => {
  const { user } = openAt('/night');
  await screen.findByText(/Nothing is in the box yet/);
  await screen.findByRole('button', { name: /^Tide-pool bowl/ });
  return user;
};

/** Finds each by name and puts it in. */
async function putIn(user: UserEvent, ...names: string[]): Promise<void> {
  for (const name of names) {
    const find = screen.getByLabelText('Find a piece for the box');
    await user.clear(find);
    await user.type(find, name);
    await user.click(await screen.findByRole('button', { name: new RegExp(`^${name}`) }));
  }
}

describe('tonight’s box', () => {
  it('says who sets the clock and what is saved without it, and takes no hard glass beside soft', async () => {
    const user = await open();
    await user.click(screen.getByRole('button', { name: /^Tide-pool bowl/ }));
    const find = screen.getByLabelText('Find a piece for the box');
    await user.type(find, 'goblet');
    await user.click(await screen.findByRole('button', { name: /^Quay goblet/ }));
    const load = await screen.findByRole('region', { name: 'The load' });
    expect(load).toHaveTextContent(/sets the clock; without it the door opens/);
    expect(within(load).getAllByRole('listitem')).toHaveLength(2);
    await user.clear(find);
    await user.type(find, 'rain');
    await user.click(await screen.findByRole('button', { name: /^Rain gauge/ }));
    await waitFor(() => {
      expect(screen.getByRole('alert')).toHaveTextContent(
        'Hard and soft glass cannot share a night',
      );
    });
    await user.click(screen.getByRole('button', { name: 'Take Rain gauge out' }));
    await waitFor(() => {
      expect(screen.getByRole('region', { name: 'The load' })).toBeVisible();
    });
    await user.click(screen.getByRole('button', { name: /iCalendar/ }));
    await waitFor(async () => {
      expect((await lastTaken())?.name).toMatch(/\.ics$/);
    });
    expect((await lastTaken())?.text.match(/BEGIN:VEVENT/g)).toHaveLength(2);
    await user.click(screen.getByRole('tab', { name: 'Accidents' }));
    const each = await screen.findByRole('list', { name: 'Each piece of the load' });
    expect(each).toHaveTextContent('Quay goblet');
    expect(within(each).getAllByRole('listitem')).toHaveLength(2);
  });

  it('learns its cooling and its unevenness from a log of a night', async () => {
    const user = await open();
    const rows = Array.from({ length: 60 }, (_, i) => {
      const at = 480 * Math.exp((-600 * i) / 21600);
      return `${String(600 * i)},${String(20 + at)},${String(32 + at)}`;
    });
    const text = `s,top C,bottom C\n${rows.join('\n')}`;
    await user.upload(
      screen.getByLabelText('Log of a night'),
      new File([text], 'cool.csv', { type: 'text/csv' }),
    );
    await seen(() => screen.getByText(/cools to a third in 6 h .* is uneven by 12 K/));
    await waitFor(() => {
      expect(screen.getByLabelText(/^Uneven by/)).toHaveValue('12');
    });
    await user.upload(
      screen.getByLabelText('Log of a night'),
      new File(['no,log\nat,all'], 'x.csv', { type: 'text/csv' }),
    );
    expect(await screen.findAllByRole('alert')).not.toHaveLength(0);
  });

  it('two figures of a box typed as fast as hands can are both kept', async () => {
    const user = await open();
    await user.click(screen.getByRole('button', { name: /^Tide-pool bowl/ }));
    await typeInto(user, screen.getByLabelText(/^Uneven by/), '9 C');
    await typeInto(user, screen.getByLabelText(/^Power/), '900 W');
    await waitFor(() => {
      expect(screen.getByLabelText(/^Uneven by/)).toHaveValue('9');
    });
    await screen.findByText(/With 0\.9 kW this box gets no hotter than/);
  });
});

describe('the week', () => {
  it('shares pieces out to loads by their dates, and says what comes late', async () => {
    const user = await open();
    await user.click(screen.getByRole('tab', { name: 'The week' }));
    await seen(() => screen.getByText(/Put in the pieces to come/));
    await putIn(user, 'Salt cellar', 'Harbour float', 'Rain gauge');
    // Each night that is checked moves what was planned: what stays is waited for.
    await waitFor(() => {
      expect(screen.getByText(/2 loads; everything is out by its date/)).toBeVisible();
    });
    const made = screen.getByLabelText('Salt cellar, made by');
    const due = (made as HTMLInputElement).value.replace(/T\d\d/, 'T17');
    fireEvent.change(screen.getByLabelText('Salt cellar, wanted by'), { target: { value: due } });
    await waitFor(() => {
      expect(screen.getByText(/Salt cellar comes out .* late/)).toBeVisible();
    });
  });
});

describe('so many of a piece', () => {
  it('stand beside one another, and the week puts them into the box it planned', async () => {
    const user = await open();
    await user.click(screen.getByRole('tab', { name: 'The week' }));
    await putIn(user, 'Salt cellar');
    await typeInto(user, screen.getByLabelText('Salt cellar, so many'), '3');
    await seen(() => screen.getByRole('cell', { name: '3 × Salt cellar' }));
    await user.click(screen.getByRole('tab', { name: 'Tonight’s box' }));
    const annealer = (name: string) => user.selectOptions(screen.getByLabelText('Annealer'), name);
    // Which box the week chose is not known beforehand, nor how long its answer takes: each is asked until one has it.
    const options = within(screen.getByLabelText('Annealer')).getAllByRole('option');
    const boxes = options.map((o) => o.textContent);
    let take: HTMLElement | undefined;
    for (let k = 0; !take && k < 48 * boxes.length; k += 1) {
      await annealer(boxes[k % boxes.length] ?? '');
      const asked = screen.findByRole('button', { name: 'Stand these in it' }, { timeout: 500 });
      take = await asked.catch(() => undefined);
    }
    if (!take) throw new Error('the week put them into no box');
    await user.click(take);
    // On a busy machine the load's night takes its time.
    await seen(() => screen.getByRole('img', { name: /3 standing/ }), { timeout: 120_000 });
    await seen(() => screen.getByText(/3 × Salt cellar/, { selector: 'b' }));
    expect(screen.getByText('That is what stands in it.')).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Take Salt cellar out' }));
    await seen(() => screen.getByText(/Nothing is in the box yet/));
  });
});

describe('by bare numbers', () => {
  long('a ball falls faster than a plate of its thickness', async () => {
    const user = await open();
    await user.click(screen.getByRole('tab', { name: 'By numbers' }));
    await user.click(await screen.findByRole('radio', { name: /Plate, stood up/ }));
    await typeInto(user, screen.getByLabelText(/^Thickest/), '60 mm');
    await typeInto(user, screen.getByLabelText(/^Thinnest/), '60 mm');
    const rate = async (): Promise<number> => {
      await waitFor(() => {
        expect(screen.queryByText(/being simulated/)).toBeNull();
      });
      const row = screen.getAllByRole('row', { name: /Slow fall/ })[0];
      return Number(/([\d.]+) °C\/h/.exec(row?.textContent ?? '')?.[1]);
    };
    const plate = await rate();
    await user.click(screen.getByRole('radio', { name: 'Ball' }));
    expect(await rate()).toBeGreaterThan(1.5 * plate);
  });

  it('inside the wall, tension and temperature are looked at at any moment', async () => {
    const user = await open();
    await user.click(screen.getByRole('tab', { name: 'By numbers' }));
    await user.click(await screen.findByRole('tab', { name: 'Inside' }));
    const inside = await screen.findByRole('region', { name: /Inside the wall: tension/ });
    expect(inside).toHaveTextContent('Orange is pulled');
    const moment = screen.getByLabelText('Moment of the night');
    const before = moment.getAttribute('aria-valuetext');
    fireEvent.change(moment, {
      target: { value: String(Math.floor(Number(moment.getAttribute('max')) / 2)) },
    });
    expect(moment).not.toHaveAttribute('aria-valuetext', before ?? '');
    await user.click(screen.getByText('Temperature'));
    await seen(() => screen.getByRole('region', { name: /Inside the wall: temperature/ }));
  });

  long('margins tell what would take it over, the worst first', async () => {
    const user = await open();
    await user.click(screen.getByRole('tab', { name: 'By numbers' }));
    await user.click(await screen.findByRole('tab', { name: 'Margins' }));
    const margins = await screen.findByRole('region', { name: 'Margins' });
    const rows = within(margins).getAllByRole('row').slice(1);
    expect(rows).toHaveLength(9);
    const used = rows.map((r) => Number([...r.textContent.matchAll(/(\d+) %/g)].at(-1)?.[1]));
    expect(used).toEqual([...used].sort((a, b) => b - a));
    // What is said to be held fully has no margin left to measure.
    expect(margins).toHaveTextContent('thick and thin hold each other fully');
    await user.click(screen.getByText('What is assumed'));
    await typeInto(user, screen.getByLabelText(/^Thick held by thin/), '100');
    await waitFor(() => {
      expect(screen.getByRole('region', { name: 'Margins' })).not.toHaveTextContent(
        'thick and thin hold each other fully',
      );
    });
  });

  it('going up has its own clock, and begins no hotter than the hold', async () => {
    const user = await open();
    await user.click(screen.getByRole('tab', { name: 'By numbers' }));
    await user.click(await screen.findByRole('tab', { name: 'Going up' }));
    const leaf = await screen.findByRole('region', { name: 'Going up' });
    await seen(() => within(leaf).getByRole('table'));
    await typeInto(user, within(leaf).getByLabelText(/^From/), '900');
    expect(within(leaf).getByRole('alert')).toHaveTextContent(/From: given 900 °C; allowed 0/);
  });
});
