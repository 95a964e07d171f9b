// Fields: what is typed is read in any unit, kept on Enter or on leaving, put back by Escape, and refused with name, value and bounds.
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LIMITS } from '@zanfirico/contract';
import { useState } from 'react';
import { useDisplay } from '../stores/display';
import { Choice } from './Choice';
import { CountField } from './CountField';
import { QuantityField } from './QuantityField';
import { ThicknessField } from './ThicknessField';
import { TimeField } from './TimeField';

const METRIC = { temperature: 'C', length: 'mm', mass: 'g' } as const;
beforeEach(() => {
  useDisplay.setState({ units: METRIC });
});

/** A wall kept by whoever shows the field; tells every value it was given. */
function Wall({ told }: { readonly told: number[] }) {
  const [wall, setWall] = useState(0.004);
  return (
    <QuantityField
      label="Wall"
      kind="length"
      value={wall}
      within={LIMITS.wall}
      nudge={1e-4}
      onCommit={(v) => {
        told.push(v);
        setWall(v);
      }}
    />
  );
}

describe('a field for a measure', () => {
  it.each([
    ['6', 0.006],
    ['6 mm', 0.006],
    ['0,6 cm', 0.006],
    ['1/4 in', 0.00635],
    ['2 1/4 in', 0.05715],
  ])('%s is kept as %p m on Enter', async (text, value) => {
    const told: number[] = [];
    const user = userEvent.setup();
    render(<Wall told={told} />);
    const field = screen.getByLabelText(/^Wall/);
    expect(field).toHaveValue('4');
    await user.clear(field);
    await user.type(field, `${text}{Enter}`);
    expect(told).toHaveLength(1);
    expect(told[0]).toBeCloseTo(value, 9);
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it.each([
    ['600', /Wall: given 600(\.0)? mm; allowed 0\.3 mm to 500(\.0)? mm\./],
    ['-1', /Wall: given -1(\.0)? mm; allowed 0\.3 mm/],
    ['thick', /Wall: "thick" is not a measure/],
    ['6 kg', /Wall: /],
  ])('%s is refused in a sentence, and nothing is kept', async (text, says) => {
    const told: number[] = [];
    const user = userEvent.setup();
    render(<Wall told={told} />);
    const field = screen.getByLabelText(/^Wall/);
    await user.clear(field);
    await user.type(field, `${text}{Enter}`);
    expect(told).toEqual([]);
    expect(screen.getByRole('alert')).toHaveTextContent(says);
    expect(field).toHaveAttribute('aria-invalid', 'true');
    expect(field).toHaveAccessibleDescription(says);
    await user.keyboard('{Escape}');
    expect(field).toHaveValue('4');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('is kept on leaving it, and left alone when nothing was changed', async () => {
    const told: number[] = [];
    const user = userEvent.setup();
    render(<Wall told={told} />);
    const field = screen.getByLabelText(/^Wall/);
    await user.click(field);
    await user.tab();
    expect(told).toEqual([]);
    await user.clear(field);
    await user.type(field, '5');
    await user.tab();
    expect(told).toEqual([0.005]);
  });

  it('steps by arrows, ten times with shift, and never past its bounds', async () => {
    const told: number[] = [];
    const user = userEvent.setup();
    render(<Wall told={told} />);
    await user.click(screen.getByLabelText(/^Wall/));
    await user.keyboard('{ArrowUp}{ArrowUp}{ArrowDown}{Shift>}{ArrowUp}{/Shift}');
    expect(told.map((v) => Math.round(v * 1e5) / 100)).toEqual([4.1, 4.2, 4.1, 5.1]);
    await user.keyboard('{Shift>}{ArrowDown>9/}{/Shift}');
    expect(Math.min(...told)).toBeCloseTo(LIMITS.wall.minimum, 9);
  });

  it('arrows do nothing to what is half typed', async () => {
    const told: number[] = [];
    const user = userEvent.setup();
    render(<Wall told={told} />);
    const field = screen.getByLabelText(/^Wall/);
    await user.clear(field);
    await user.type(field, '7{ArrowUp}');
    expect(told).toEqual([]);
    expect(field).toHaveValue('7');
  });

  it('shows the person’s units, and reads them bare', async () => {
    useDisplay.setState({ units: { ...METRIC, length: 'in' } });
    const told: number[] = [];
    const user = userEvent.setup();
    render(<Wall told={told} />);
    const field = screen.getByLabelText(/^Wall/);
    expect(field).toHaveValue('0.157');
    await user.clear(field);
    await user.type(field, '0.25{Enter}');
    expect(told[0]).toBeCloseTo(0.00635, 9);
  });
});

describe('a field for a count', () => {
  it.each([
    [1, '3', 3],
    [0.25, '1.25', 1.25],
    [0.25, '1,5', 1.5],
    [0.1, '2.9', 2.9],
  ])('in steps of %p reads %s', async (step, text, value) => {
    const told: number[] = [];
    const user = userEvent.setup();
    render(
      <CountField
        label="Turns"
        value={1}
        min={0}
        max={9}
        step={step}
        onCommit={(v) => told.push(v)}
      />,
    );
    await user.clear(screen.getByLabelText('Turns'));
    await user.type(screen.getByLabelText('Turns'), `${text}{Enter}`);
    expect(told).toEqual([value]);
  });

  it.each([
    [1, '2.5', /Turns: given “2.5”; allowed whole numbers from 0 to 9\./],
    [0.25, '1.3', /allowed steps of 0.25 from 0 to 9/],
    [1, '12', /given “12”/],
    [1, '', /given “”/],
    [1, 'x', /given “x”/],
  ])('in steps of %p refuses “%s”', async (step, text, says) => {
    const told: number[] = [];
    const user = userEvent.setup();
    render(
      <CountField
        label="Turns"
        value={1}
        min={0}
        max={9}
        step={step}
        onCommit={(v) => told.push(v)}
      />,
    );
    const field = screen.getByLabelText('Turns');
    await user.clear(field);
    if (text !== '') await user.type(field, text);
    await user.keyboard('{Enter}');
    expect(told).toEqual([]);
    expect(screen.getByRole('alert')).toHaveTextContent(says);
  });
});

describe('a field for a very thin layer', () => {
  it.each([
    ['30 µm', 30e-6],
    ['0.2 um', 0.2e-6],
    ['0.5', 0.0005],
    ['1/64 in', 0.000396875],
  ])('reads %s', async (text, value) => {
    const told: number[] = [];
    const user = userEvent.setup();
    render(
      <ThicknessField
        label="Each"
        value={0.001}
        within={LIMITS.coatThickness}
        onCommit={(v) => told.push(v)}
      />,
    );
    await user.clear(screen.getByLabelText('Each'));
    await user.type(screen.getByLabelText('Each'), `${text}{Enter}`);
    expect(told[0]).toBeCloseTo(value, 10);
  });
  it('shows micrometres where a millimetre would be nearly nothing, and refuses outside its bounds', async () => {
    const user = userEvent.setup();
    render(
      <ThicknessField
        label="Each"
        value={2e-7}
        within={LIMITS.coatThickness}
        onCommit={() => undefined}
      />,
    );
    const field = screen.getByLabelText('Each');
    expect(field).toHaveValue('0.2 µm');
    await user.clear(field);
    await user.type(field, '40 mm{Enter}');
    expect(screen.getByRole('alert')).toHaveTextContent(
      'Each: given “40 mm”; allowed 0.01 µm to 30 mm.',
    );
  });
});

describe('a field for a time of day', () => {
  it.each([
    ['5.30 pm', '17:30'],
    ['1730', '17:30'],
    ['9', '09:00'],
    ['23:59', '23:59'],
  ])('reads %s as %s', async (text, kept) => {
    const told: string[] = [];
    const user = userEvent.setup();
    render(<TimeField label="Last piece in" value="16:00" onCommit={(v) => told.push(v)} />);
    const field = screen.getByLabelText('Last piece in');
    await user.clear(field);
    await user.type(field, `${text}{Enter}`);
    expect(told).toEqual([kept]);
  });
  it.each(['25:00', 'noon-ish', '12:75'])('refuses %s', async (text) => {
    const told: string[] = [];
    const user = userEvent.setup();
    render(<TimeField label="Last piece in" value="16:00" onCommit={(v) => told.push(v)} />);
    const field = screen.getByLabelText('Last piece in');
    await user.clear(field);
    await user.type(field, `${text}{Enter}`);
    expect(told).toEqual([]);
    expect(screen.getByRole('alert')).toHaveTextContent(/Last piece in/);
  });
});

describe('a choice', () => {
  it('is one of a named group, told when another is taken', async () => {
    const told: string[] = [];
    const user = userEvent.setup();
    render(
      <Choice
        legend="How the part is worked"
        value="blown"
        options={[
          { value: 'blown', label: 'Blown' },
          { value: 'solid', label: 'Solid' },
        ]}
        onChange={(v) => told.push(v)}
      />,
    );
    expect(screen.getByRole('group', { name: 'How the part is worked' })).toBeVisible();
    expect(screen.getByRole('radio', { name: 'Blown' })).toBeChecked();
    await user.click(screen.getByRole('radio', { name: 'Solid' }));
    expect(told).toEqual(['solid']);
  });
});
