// Drawings as they stand on the page: measures at their points, lanes of a crew, the fill line, balloons, verdicts in words.
import { act, fireEvent, render, screen, within } from '@testing-library/react';
import type { CrewPlan } from '@zanfirico/core/crew';
import { measureShape, startingProfile } from '@zanfirico/core/form';
import { glyphOf } from '@zanfirico/core/piece';
import type { WorkStep } from '@zanfirico/core/work';
import { useDisplay } from '../stores/display';
import { crewHeight, CrewLanes } from './braid/CrewLanes';
import { shine } from './braid/shine';
import { Balloons, type Balloon } from './section/Balloons';
import { balloonsOf } from './section/balloonsOf';
import { extentOf } from './section/extent';
import { FillLine } from './section/FillLine';
import { fitSheet } from './section/fit';
import { Measures } from './section/Measures';
import { PieceGlyph } from './section/PieceGlyph';
import { CLEAR_SIGMA, lightAfter, TINT } from './turning/tint';
import { VerdictMark } from './Verdict';
import { deriveDocument } from '../derived/deriveDocument';
import { freshDocument } from '../places/pieces/freshDocument';
import type { ReactNode } from 'react';

beforeEach(() => {
  useDisplay.setState({ units: { temperature: 'C', length: 'mm', mass: 'g' } });
});
const draw = (mark: ReactNode): HTMLElement => render(<svg>{mark}</svg>).container;
const SIZE = { width: 900, height: 600 };
const profile = startingProfile('tumbler').map((p) => ({ ...p }));
const read = measureShape(profile, 0.22);
if (!read.ok) throw new Error('the tumbler can be made');
const { shape } = read;
const EXTENT = { height: shape.height, lowest: shape.lowest, widest: shape.widest };
const sheet = fitSheet(SIZE, EXTENT);

describe('measures in the margin', () => {
  const measures = (width: number, solid = false): HTMLElement =>
    draw(
      <Measures
        points={profile}
        solid={solid}
        whole={undefined}
        sheet={sheet}
        size={{ ...SIZE, width }}
        selected={2}
        balloons={false}
      />,
    );
  it('tell every point’s diameter and wall, in the person’s units', () => {
    const text = measures(900).textContent;
    for (const p of profile.filter((q) => q.radius > 0.001))
      expect(text).toContain(`⌀ ${(2000 * p.radius).toFixed(1)} mm`);
    expect(text).toContain('axis');
    act(() => {
      useDisplay.setState({ units: { temperature: 'C', length: 'in', mass: 'g' } });
    });
    expect(measures(900).textContent).toContain(' in');
  });
  it('say no walls of solid work, and nothing on a board too narrow for them', () => {
    expect(measures(900, true).textContent.length).toBeLessThan(measures(900).textContent.length);
    expect(measures(400).textContent).not.toContain('⌀');
  });
});

describe('the fill line', () => {
  const onMove = jest.fn();
  const fill = { line: 0.08, from: 0.01, to: 0.1, radius: 0.03, volume: 0.00025 };
  const line = (): HTMLElement => {
    onMove.mockClear();
    render(
      <svg>
        <FillLine
          fill={fill}
          sheet={sheet}
          onBegin={() => undefined}
          onMove={onMove}
          onEnd={() => undefined}
        />
      </svg>,
    );
    return screen.getByRole('slider', { name: 'Fill line' });
  };
  it('says how high it is and what the vessel then holds', () => {
    expect(line()).toHaveAttribute('aria-valuetext', '80.0 mm, 250 ml');
  });
  it.each([
    ['ArrowUp', false, 0.0801],
    ['ArrowDown', false, 0.0799],
    ['ArrowUp', true, 0.081],
  ])('%s, with shift %p, moves it to %p m', (key, shiftKey, to) => {
    fireEvent.keyDown(line(), { key, shiftKey });
    expect(onMove).toHaveBeenCalledWith(expect.closeTo(to, 9));
  });
  it('stays between the base and the lip, wherever the hand goes', () => {
    const mark = line();
    fireEvent.pointerDown(mark, { clientX: 100, clientY: 300, pointerId: 1, button: 0 });
    fireEvent.pointerMove(mark, { clientX: 100, clientY: -5000, pointerId: 1 });
    expect(onMove).toHaveBeenLastCalledWith(fill.to);
    fireEvent.pointerMove(mark, { clientX: 100, clientY: 5000, pointerId: 1 });
    expect(onMove).toHaveBeenLastCalledWith(fill.from);
    fireEvent.pointerUp(mark, { pointerId: 1 });
    fireEvent.pointerMove(mark, { clientX: 100, clientY: 0, pointerId: 1 });
    expect(onMove).toHaveBeenCalledTimes(2);
  });
});

describe('balloons', () => {
  const three: Balloon[] = ['foot', 'stem', 'bowl'].map((name, i) => ({
    key: `p${String(i)}`,
    sign: String(i + 1),
    name,
    x: 200,
    y: 300,
    lit: i === 1,
    bad: i === 2,
  }));
  it('of parts at one height stand apart; the one in hand is pressed, one in trouble is said to need a look', () => {
    draw(
      <Balloons
        balloons={three}
        height={600}
        scale={1000}
        onTake={() => undefined}
        onRaise={() => undefined}
        onBegin={() => undefined}
        onEnd={() => undefined}
      />,
    );
    const marks = screen.getAllByRole('button');
    const heights = marks.map((m) => Number(m.querySelector('circle')?.getAttribute('cy')));
    expect(new Set(heights).size).toBe(3);
    const sorted = [...heights].sort((a, b) => a - b);
    sorted.slice(1).forEach((y, i) => {
      expect(y - (sorted[i] ?? 0)).toBeGreaterThanOrEqual(28);
    });
    expect(screen.getByRole('button', { name: /^2, stem/ })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
    expect(screen.getByRole('button', { name: /^3, bowl, needs a look/ })).toBeVisible();
  });
  it('taken by Enter are not held; taken by the pointer they are, until let go', () => {
    const [onTake, onRaise, onBegin, onEnd] = [jest.fn(), jest.fn(), jest.fn(), jest.fn()];
    draw(
      <Balloons
        balloons={three}
        height={600}
        scale={1000}
        onTake={onTake}
        onRaise={onRaise}
        onBegin={onBegin}
        onEnd={onEnd}
      />,
    );
    const bowl = screen.getByRole('button', { name: /^3, bowl/ });
    fireEvent.keyDown(bowl, { key: 'Enter' });
    expect(onTake).toHaveBeenCalledWith('p2');
    expect(onBegin).not.toHaveBeenCalled();
    fireEvent.keyDown(bowl, { key: 'ArrowUp', shiftKey: true });
    expect(onRaise).toHaveBeenLastCalledWith('p2', expect.closeTo(1e-3, 9), true);
    fireEvent.pointerDown(bowl, { clientX: 0, clientY: 100, pointerId: 1, button: 0 });
    expect(onBegin).toHaveBeenCalledTimes(1);
    fireEvent.pointerMove(bowl, { clientX: 0, clientY: 90, pointerId: 1 });
    // Ten pixels up at 1000 px a metre.
    expect(onRaise).toHaveBeenLastCalledWith('p2', expect.closeTo(0.01, 9), false);
    fireEvent.pointerUp(bowl, { pointerId: 1 });
    expect(onEnd).toHaveBeenCalledTimes(1);
  });
});

describe('a piece on its board', () => {
  const document = freshDocument({ name: 'Glass', form: 'stemmed', glass: 'soft-batch-96' });
  const derived = deriveDocument(document)?.derived;
  if (!derived) throw new Error('the rack has the glass');

  it('has a balloon a part at the height of its middle', () => {
    const balloons = balloonsOf(document, derived, sheet, 0, undefined);
    expect(balloons.map((b) => b.name)).toEqual(document.parts.map((p) => p.name));
    expect(balloons.filter((b) => b.lit)).toHaveLength(1);
    expect(balloons.every((b) => !b.bad)).toBe(true);
    // Higher parts have higher balloons.
    const ys = balloons.map((b) => b.y);
    expect([...ys].sort((a, b) => b - a)).toEqual(ys);
  });
  it('takes the room it measures; while it cannot be drawn, the room of its points', () => {
    const room = extentOf(derived, document);
    if (!derived.ok) throw new Error('a fresh piece can be made');
    expect(room).toEqual({
      lowest: derived.whole.lowest,
      height: derived.whole.height,
      widest: derived.whole.widest,
    });
    const cup = freshDocument({ name: 'Cup', form: 'tumbler', glass: 'soft-batch-96' });
    const first = cup.parts[0];
    if (!first) throw new Error('a piece has a part');
    const thick = {
      ...cup,
      parts: [{ ...first, profile: first.profile.map((p) => ({ ...p, wall: 0.4 })) }],
    };
    const broken = deriveDocument(thick)?.derived;
    if (broken?.ok !== false) throw new Error('a wall of 400 mm cannot be made');
    const heights = first.profile.map((p) => p.height);
    expect(extentOf(broken, thick).height).toBeCloseTo(
      Math.max(...heights) - Math.min(...heights),
      9,
    );
  });
  it('on the shelf is drawn to scale and named', () => {
    if (!derived.ok) throw new Error('a fresh piece can be made');
    render(
      <PieceGlyph
        glyph={glyphOf(
          derived.parts.map((p) => p.shape),
          [],
          derived.whole,
        )}
        scale={1000}
        title="Section of Glass"
      />,
    );
    const glyph = screen.getByRole('img', { name: 'Section of Glass' });
    expect(Number(glyph.getAttribute('height'))).toBeGreaterThan(1000 * derived.whole.height);
    expect(Number(glyph.getAttribute('height'))).toBeLessThan(1000 * derived.whole.height + 30);
  });
});

describe('lanes of a crew', () => {
  const steps: WorkStep[] = [
    { id: 'a', kind: 'gather', part: 0, seconds: 12 },
    { id: 'b', kind: 'marver', part: 0, seconds: 10 },
    { id: 'c', kind: 'reheat', part: 0, seconds: 30 },
  ];
  const people = [
    { id: 'g', name: 'gaffer', skills: ['gaff' as const] },
    { id: 's', name: 'second hand', skills: ['gather' as const] },
  ];
  const plan: CrewPlan = {
    starts: [0, 12, 22],
    hands: [
      [{ skill: 'gather', person: 's' }],
      [{ skill: 'gaff', person: 'g' }],
      [{ skill: 'gaff', person: 'g' }],
    ],
    total: 52,
    lower: 52,
    lowerHere: 52,
    proven: true,
    critical: ['c'],
    uncovered: [],
    late: [],
    nodes: 1,
  };
  it('are a row a person and a station that is used, each step where it is done', () => {
    const drawn = draw(
      <CrewLanes people={people} plan={plan} steps={steps} x={(t) => 10 * t} top={100} at={1} />,
    );
    const bars = [...drawn.querySelectorAll('rect')].map((r) => ({
      x: Number(r.getAttribute('x')),
      top: Number(r.getAttribute('y')) - 101,
      width: Number(r.getAttribute('width')),
    }));
    expect(bars).toEqual([
      { x: 120, top: 0, width: 99 },
      { x: 220, top: 0, width: 299 },
      { x: 0, top: 14, width: 119 },
      { x: 220, top: 28, width: 299 },
      { x: 0, top: 37, width: 119 },
    ]);
    expect(crewHeight(people, steps)).toBe(46);
    for (const row of ['gaffer', 'second hand', 'glory hole', 'furnace'])
      expect(drawn).toHaveTextContent(row);
  });
});

describe('how glass looks', () => {
  it('cold it is its own dark tint; hot it glows, redder first, brighter later', () => {
    const light = (hex: string): number[] =>
      [1, 3, 5].map((k) => parseInt(hex.slice(k, k + 2), 16));
    const [cold, red, yellow] = [20, 700, 1100].map((t) => light(shine(t)));
    if (!cold || !red || !yellow) throw new Error('three looks');
    expect(cold[1]).toBeGreaterThan(cold[0] as number);
    expect(red[0]).toBeGreaterThan(2 * (red[2] as number));
    expect(yellow[1]).toBeGreaterThan(red[1] as number);
  });
  it('twice as much glass lets through the square of what once lets through (Beer–Lambert)', () => {
    const once = lightAfter(0.01);
    lightAfter(0.02).forEach((l, i) => {
      expect(l).toBeCloseTo((once[i] as number) ** 2, 9);
    });
    CLEAR_SIGMA.forEach((s, i) => {
      expect(Math.exp(-s * 0.012)).toBeCloseTo(TINT[i] as number, 9);
    });
  });
});

describe('a verdict', () => {
  it('is a word and a sign with its reason and what to do, never a colour alone', () => {
    const { container } = render(
      <VerdictMark verdict={{ verdict: 'no', because: 'It sags.', remedy: 'Hold lower.' }} />,
    );
    expect(container).toHaveTextContent('No. It sags. Hold lower.');
    expect(within(container).queryByText('Good.')).toBeNull();
    expect(container.querySelector('svg')).not.toBeNull();
  });
});
