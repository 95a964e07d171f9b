// What is round every place: dialogs, tabs, menus, notices, units and the look, by pointer and by keys.
import { act, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { houseForAll, openAt } from '../../testing/house';
import { useDisplay } from '../stores/display';
import { useNotices } from '../stores/notices';
import { Dialog } from './Dialog';
import { Menu } from './Menu';
import { Notices } from './Notices';
import { SheetLinks, Tabs } from './Tabs';
import { seen } from '../../testing/seen';

describe('a dialog', () => {
  const [closed, sent] = [jest.fn(), jest.fn()];
  const show = (form = false): void => {
    closed.mockClear();
    sent.mockClear();
    render(
      <Dialog
        title="A thing to do"
        onClose={closed}
        {...(form && { onSubmit: sent })}
        actions={<button type="submit">Do it</button>}
      >
        <input aria-label="What" />
      </Dialog>,
    );
  };
  it('is named by its title, and closed by its cross or by leaving it', async () => {
    const user = userEvent.setup();
    show();
    expect(screen.getByRole('dialog', { name: 'A thing to do' })).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Close: A thing to do' }));
    expect(closed).toHaveBeenCalledTimes(1);
    show();
    await user.click(screen.getAllByRole('button', { name: 'Not now' }).at(-1) as HTMLElement);
    expect(closed).toHaveBeenCalledTimes(1);
  });
  it('that is a form is sent by Enter and by its button, and does not close by itself', async () => {
    const user = userEvent.setup();
    show(true);
    await user.type(screen.getByLabelText('What'), 'this{Enter}');
    expect(sent).toHaveBeenCalledTimes(1);
    await user.click(screen.getByRole('button', { name: 'Do it' }));
    expect(sent).toHaveBeenCalledTimes(2);
    expect(closed).not.toHaveBeenCalled();
  });
});

describe('tabs', () => {
  function Three() {
    const [value, setValue] = useState<'a' | 'b' | 'c'>('a');
    return (
      <>
        <Tabs
          label="Views"
          panel="view"
          value={value}
          onChange={setValue}
          tabs={[
            ['a', 'First'],
            ['b', 'Second'],
            ['c', 'Third'],
          ]}
        />
        <div id="view" role="tabpanel" aria-labelledby={`view-${value}`}>
          {value}
        </div>
      </>
    );
  }
  const chosen = (): string =>
    screen
      .getAllByRole('tab', { selected: true })
      .map((t) => t.textContent)
      .join();
  it('one is chosen at a time, and names its panel', async () => {
    const user = userEvent.setup();
    render(<Three />);
    expect(chosen()).toBe('First');
    await user.click(screen.getByRole('tab', { name: 'Third' }));
    expect(chosen()).toBe('Third');
    expect(screen.getByRole('tabpanel', { name: 'Third' })).toHaveTextContent('c');
  });
  it('arrows walk round them with the focus; only the chosen one is in the way of Tab', async () => {
    const user = userEvent.setup();
    render(<Three />);
    await user.tab();
    expect(screen.getByRole('tab', { name: 'First' })).toHaveFocus();
    await user.keyboard('{ArrowLeft}');
    expect(chosen()).toBe('Third');
    expect(screen.getByRole('tab', { name: 'Third' })).toHaveFocus();
    await user.keyboard('{ArrowRight}{ArrowRight}');
    expect(chosen()).toBe('Second');
    expect(screen.getAllByRole('tab').map((t) => t.tabIndex)).toEqual([-1, 0, -1]);
  });
  it('links between sheets mark the open one', () => {
    const links = [
      { to: '/one', name: 'One' },
      { to: '/two', name: 'Two' },
    ];
    const router = createMemoryRouter(
      [{ path: '*', element: <SheetLinks label="Sheets" links={links} /> }],
      { initialEntries: ['/two'] },
    );
    render(<RouterProvider router={router} />);
    expect(screen.getByRole('link', { name: 'Two' })).toHaveAttribute('aria-current', 'page');
    expect(screen.getByRole('link', { name: 'One' })).not.toHaveAttribute('aria-current');
  });
});

describe('a menu', () => {
  const run = jest.fn();
  const show = (): HTMLDetailsElement => {
    run.mockClear();
    const { container } = render(
      <>
        <Menu
          label="Take away"
          items={[
            { says: 'All of it', run },
            { says: 'Nothing', disabled: true, run },
          ]}
        />
        <button type="button">elsewhere</button>
      </>,
    );
    return container.querySelector('details') as HTMLDetailsElement;
  };
  it('does what is chosen, and closes; what cannot be done is not', async () => {
    const user = userEvent.setup();
    const menu = show();
    await user.click(screen.getByText('Take away'));
    await user.click(screen.getByRole('button', { name: 'Nothing' }));
    expect(run).not.toHaveBeenCalled();
    await user.click(screen.getByRole('button', { name: 'All of it' }));
    expect(run).toHaveBeenCalledTimes(1);
    expect(menu.open).toBe(false);
  });
  it('closes on Escape, giving the focus back, and when something else is touched', async () => {
    const user = userEvent.setup();
    const menu = show();
    menu.open = true;
    await user.keyboard('{Escape}');
    expect(menu.open).toBe(false);
    menu.open = true;
    fireEvent.pointerDown(screen.getByRole('button', { name: 'elsewhere' }));
    expect(menu.open).toBe(false);
  });
});

describe('notices', () => {
  it('are told as they are: trouble at once, the rest politely; their action is done once', async () => {
    const user = userEvent.setup();
    const undo = jest.fn();
    render(<Notices />);
    act(() => {
      useNotices.getState().say('It is gone.', { label: 'Undo', run: undo });
      useNotices.getState().trouble('It would not go.');
    });
    expect(screen.getByRole('alert')).toHaveTextContent('It would not go.');
    expect(screen.getByRole('status')).toHaveTextContent('It is gone.');
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    expect(undo).toHaveBeenCalledTimes(1);
    expect(screen.queryByRole('status')).toBeNull();
    await user.click(within(screen.getByRole('alert')).getByRole('button', { name: 'Dismiss' }));
    expect(screen.queryByRole('alert')).toBeNull();
  });
});

describe('the house', () => {
  houseForAll();
  beforeEach(() => {
    useDisplay.setState({ units: { temperature: 'C', length: 'mm', mass: 'g' } });
  });

  it('leads to each of its places; an address that is none says so', async () => {
    const { user, at } = openAt('/nowhere');
    await seen(() => screen.getByRole('heading', { name: 'Nothing here' }));
    for (const name of ['Rack', 'Pot', 'Bench', 'Night', 'Log', 'Pieces']) {
      await user.click(screen.getByRole('link', { name }));
      await seen(() => screen.getByRole('heading', { level: 1, name }));
      expect(at()).toBe(`/${name.toLowerCase()}`);
    }
  });
  it('reads in the units it is told, and says which they are', async () => {
    const { user } = openAt('/pieces');
    await user.click(await screen.findByRole('button', { name: 'Weight in g; change to lb' }));
    expect(useDisplay.getState().units).toEqual({ temperature: 'C', length: 'mm', mass: 'lb' });
    await user.click(screen.getByRole('button', { name: 'Temperature in °C; change to °F' }));
    expect(useDisplay.getState().units.temperature).toBe('F');
    expect(screen.getByRole('button', { name: 'Temperature in °F; change to °C' })).toBeVisible();
  });
  it('is dark or light as it is told, all of the page', async () => {
    const { user } = openAt('/pieces');
    const look = (): string | undefined => document.documentElement.dataset['theme'];
    await screen.findByRole('heading', { name: 'Pieces' });
    const before = look();
    await user.click(screen.getByRole('button', { name: /^Light and dark/ }));
    await waitFor(() => {
      expect(look()).not.toBe(before);
    });
  });
});

describe('the palette and the keys', () => {
  houseForAll(true);
  it('finds what can be done by its words, and pieces by name; arrows choose, Enter does it', async () => {
    const { user } = openAt('/pieces');
    await screen.findByRole('link', { name: /Oil cruet/ });
    await user.keyboard('{Control>}k{/Control}');
    const box = screen.getByRole('combobox', { name: /What to do/ });
    await user.type(box, 'go ra');
    expect(screen.getAllByRole('option').at(0)).toHaveTextContent('Rack');
    await user.keyboard('{ArrowDown}{ArrowUp}{Enter}');
    await seen(() => screen.getByRole('heading', { name: 'Rack' }));
    expect(screen.queryByRole('combobox', { name: /What to do/ })).toBeNull();
    await user.click(screen.getByRole('button', { name: /^What to do/ }));
    await user.type(screen.getByRole('combobox', { name: /What to do/ }), 'cruet');
    await user.click(await screen.findByRole('option', { name: /Oil cruet/ }));
    expect(await screen.findByRole('heading', { name: 'Oil cruet' })).toBeInTheDocument();
    // What only a piece can do is there now.
    await user.keyboard('{Control>}k{/Control}');
    await user.type(screen.getByRole('combobox', { name: /What to do/ }), 'sheet card{Enter}');
    await seen(() => screen.getByRole('heading', { name: /Oil cruet/, level: 2 }));
    await user.keyboard('{Control>}k{/Control}');
    await user.type(screen.getByRole('combobox', { name: /What to do/ }), 'no such thing');
    await seen(() => screen.getByText(/Nothing is called “no such thing”/));
  });
  it('? tells the keys, but not inside a field', async () => {
    const { user } = openAt('/pieces');
    const find = await screen.findByLabelText('Find a piece by name');
    await user.type(find, '?');
    expect(screen.queryByRole('dialog', { name: 'Keys' })).toBeNull();
    await user.clear(find);
    find.blur();
    await user.keyboard('?');
    expect(screen.getByRole('dialog', { name: 'Keys' })).toHaveTextContent('save');
  });
});
