// Parts taken away, copied and added: nothing that named a part names another afterwards.
import type { PieceDocument } from '@zanfirico/contract/piece';
import type { PieceStep } from '@zanfirico/contract/order';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { derive } from '../piece/derive';
import { heatParts, ruleParts, workOf } from '../piece/workPlan';
import { draftWork } from '../order/draftWork';
import { SHIPPED_RACK } from '../rack/rack';
import { checkOrder } from '../order/rules';
import { startingParts } from '../form/forms';
import { heatOfWork } from '../iron/ofWork';
import { placeOnClock } from '../iron/placeOnClock';
import { withHelpers } from '../work/clock';
import { byId, byNumber } from './order';
import { addPart, copyPart, freshPartId, removePart, stepsWithout, type Edited } from './parts';

type Piece = PieceDocument;
const demo = (file: string): Piece =>
  JSON.parse(
    readFileSync(join(__dirname, '../../../server/src/demo/pieces', file), 'utf8'),
  ) as Piece;

const candlestick = demo('05-harbour-candlestick.1.json');
const goblet = demo('04-quay-goblet.1.json');

/** Findings of a piece's kept order, by rule and step, and heat that will not do. */
function findings(piece: Piece, anew = false): string[] {
  const glass = SHIPPED_RACK.glass(piece.glass);
  if (!glass) throw new Error('the rack has lost a glass');
  const derived = derive(piece, glass);
  if (!derived.ok) throw new Error(derived.problems[0]?.message);
  const { parts } = derived;
  const ids = piece.parts.map((p) => p.id);
  const kept = byNumber(piece.sequence?.variants[0]?.steps ?? [], ids);
  const main = derived.main.index;
  const steps = anew
    ? placeOnClock(heatParts(parts), kept, { main, helpers: true }).placed.steps
    : kept;
  const rules = checkOrder({
    way: piece.way,
    steps,
    parts: ruleParts(parts, piece.making.ironDiameter),
    main,
    skills: undefined,
  });
  const heat = heatOfWork(heatParts(parts), steps, withHelpers(steps, main));
  return [
    ...rules.map((f) => `${f.rule} ${f.step ?? ''}`),
    ...heat.steps.flatMap((h) => (h.verdict?.verdict === 'no' ? [`heat ${h.id}`] : [])),
  ];
}
const idOf = (piece: Edited, name: string): string =>
  piece.parts.find((p) => p.name === name)?.id ?? 'no such part';

describe('a part taken away', () => {
  it.each(candlestick.parts.map((p) => p.name))(
    'the candlestick without its %s: every step left is of the part it was of',
    (name) => {
      const id = idOf(candlestick, name);
      const less = removePart(candlestick, id);
      const left = new Set(less.parts.map((p) => p.id));
      expect(left.has(id)).toBe(false);
      const before = new Map(candlestick.sequence?.variants[0]?.steps.map((s) => [s.id, s]));
      for (const s of less.sequence?.variants[0]?.steps ?? []) {
        expect(left.has(s.part)).toBe(true);
        if (s.to !== undefined) expect(left.has(s.to)).toBe(true);
        const was = before.get(s.id);
        if (was?.part !== id) expect(s.part).toBe(was?.part);
      }
    },
  );

  it('the candlestick without its foot is held where the foot hung: no rule is broken, and its heats placed anew hold', () => {
    const foot = idOf(candlestick, 'foot');
    const less = removePart(candlestick, foot);
    expect(findings(candlestick).length).toBeLessThanOrEqual(2);
    const rules = (piece: Piece): string[] => findings(piece).filter((f) => !f.startsWith('heat'));
    expect(rules(less).length).toBeLessThanOrEqual(rules(candlestick).length);
    // Where the foot hung the knop is thicker: what was placed for the foot is too hot for it, until it is placed anew.
    expect(findings(less, true)).toEqual([]);
    const kinds = less.sequence?.variants[0]?.steps.map((s) => s.kind) ?? [];
    expect(kinds.filter((k) => k === 'punty')).toHaveLength(1);
    expect(kinds.filter((k) => k === 'transfer')).toHaveLength(1);
  });

  it('the goblet’s pattern stays on the bowl when the foot goes, and goes with the bowl', () => {
    const bowl = goblet.pattern?.part ?? '';
    expect(goblet.parts.find((p) => p.id === bowl)?.name).toBe('bowl');
    const noFoot = removePart(goblet, goblet.parts[0]?.id ?? '');
    expect(noFoot.parts.find((p) => p.id === noFoot.pattern?.part)?.name).toBe('bowl');
    expect(removePart(goblet, bowl).pattern).toBeUndefined();
    expect('pattern' in removePart(goblet, bowl)).toBe(false);
  });

  it('nothing happens for a part that is not there', () => {
    const same = removePart(goblet, 'zz');
    expect(same.parts).toEqual(goblet.parts);
    expect(same.pattern).toEqual(goblet.pattern);
  });

  it('what hung on the part between is joined to what the part hung on', () => {
    const step = (id: string, kind: string, part: string, to?: string): PieceStep => ({
      id,
      kind,
      part,
      seconds: 6,
      ...(to !== undefined && { to }),
    });
    const steps = [
      step('1', 'gather', 'bowl'),
      step('2', 'bit', 'stem'),
      step('3', 'attach', 'stem', 'bowl'),
      step('4', 'shapeBit', 'stem'),
      step('5', 'bit', 'foot'),
      step('6', 'attach', 'foot', 'stem'),
      step('7', 'flash', 'stem'),
      step('8', 'punty', 'foot'),
    ];
    expect(stepsWithout(steps, 'stem').map((s) => [s.id, s.part, s.to])).toEqual([
      ['1', 'bowl', undefined],
      ['5', 'foot', undefined],
      ['6', 'foot', 'bowl'],
      ['7', 'bowl', undefined],
      ['8', 'foot', undefined],
    ]);
    // The part everything hangs on: what was joined to it first holds from then on.
    expect(stepsWithout(steps, 'bowl').map((s) => [s.id, s.part, s.to])).toEqual([
      ['2', 'stem', undefined],
      ['4', 'stem', undefined],
      ['5', 'foot', undefined],
      ['6', 'foot', 'stem'],
      ['7', 'stem', undefined],
      ['8', 'foot', undefined],
    ]);
  });
});

describe('a part added or copied', () => {
  const fresh: Piece = {
    ...goblet,
    parts: startingParts('stemmed').map(({ name, profile, work }, i) => ({
      id: `p${String(i + 1)}`,
      name,
      profile: [...profile],
      ...(work && { work }),
    })),
  };
  const form = (piece: Piece) => {
    const glass = SHIPPED_RACK.glass(piece.glass);
    const derived = glass && derive(piece, glass);
    if (derived?.ok !== true) throw new Error('it can be made');
    return derived;
  };

  it('never gets an id that something names already', () => {
    const gone = removePart(candlestick, 'p2');
    expect(gone.parts.map((p) => p.id)).not.toContain('p2');
    const stray = {
      ...gone,
      sequence: {
        chosen: 0,
        helpers: true,
        variants: [
          { name: 'x', steps: [{ id: '1', kind: 'flash', part: 'p5', to: 'p6', seconds: 6 }] },
        ],
      },
    };
    const id = freshPartId(stray);
    expect([...stray.parts.map((p) => p.id), 'p5', 'p6']).not.toContain(id);
    expect(copyPart(gone, 'p1', 0.1).parts.at(-1)?.id).toBe(freshPartId(gone));
  });

  it('a merese beside the stem lifts what stands above it, and the pattern drawn there with it', () => {
    const before = form(fresh);
    const merese = addPart(fresh, before, 'merese', 1);
    const added = merese.parts.at(-1);
    expect(added?.name).toBe('merese 2');
    const bowl = (p: Edited) => p.parts.find((q) => q.name === 'bowl')?.profile[0]?.height ?? NaN;
    const rise = bowl(merese) - bowl(fresh);
    expect(rise).toBeGreaterThan(0.003);
    expect(merese.pattern?.figure.height).toBeCloseTo(
      (fresh.pattern?.figure.height ?? 0) + rise,
      9,
    );
    expect(merese.fillLine).toBeCloseTo((fresh.fillLine ?? 0) + rise, 9);
    expect(form(merese).whole.height).toBeCloseTo(before.whole.height + rise, 4);
  });

  it('a copy stands higher by so much, under a name of its own, and nothing else has moved', () => {
    const copied = copyPart(fresh, 'p2', 0.05);
    expect(copied.parts).toHaveLength(fresh.parts.length + 1);
    expect(copied.parts.slice(0, -1)).toEqual(fresh.parts);
    const [from, copy] = [fresh.parts[1], copied.parts.at(-1)];
    expect(copy?.name).toBe(`${from?.name ?? ''} again`);
    expect((copy?.profile[0]?.height ?? 0) - (from?.profile[0]?.height ?? 0)).toBeCloseTo(0.05, 9);
    expect(copyPart(fresh, 'nobody', 1)).toBe(fresh);
  });
});

describe('an order kept by id', () => {
  it('comes back the same, and does not move when parts change places', () => {
    const glass = SHIPPED_RACK.glass(candlestick.glass);
    const derived = glass && derive(candlestick, glass);
    if (derived?.ok !== true) throw new Error('it can be made');
    const steps = draftWork(workOf(candlestick, derived, derived.main.index).draft);
    const ids = candlestick.parts.map((p) => p.id);
    const kept = byId(steps, ids);
    expect(byNumber(kept, ids)).toEqual(steps);
    const turned = [...ids].reverse();
    byNumber(kept, turned).forEach((s, i) => {
      expect(turned[s.part]).toBe(ids[steps[i]?.part ?? -1]);
    });
    expect(byNumber([{ id: 'x', kind: 'flash', part: 'gone', seconds: 6 }], ids)[0]?.part).toBe(-1);
  });
});
