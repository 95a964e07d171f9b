// Files of yesterday open today: the piece files that were committed when their version was the newest.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Value } from '@sinclair/typebox/value';
import { PIECE_VERSION } from '../format';
import { PieceSchema, type PieceDocument } from './piece';
import { READABLE_VERSIONS, upgradePiece } from './upgrade';

interface First {
  readonly parts: readonly { readonly name: string; readonly profile: unknown }[];
  readonly pattern?: { readonly part: number };
  readonly sequence?: {
    readonly variants: readonly {
      readonly steps: readonly { readonly part: number; readonly to?: number }[];
    }[];
  };
}

const folder = join(__dirname, '../../fixtures/piece-1');
const files = readdirSync(folder).map((file): [string, First] => [
  file,
  JSON.parse(readFileSync(join(folder, file), 'utf8')) as First,
]);

describe('a piece file of version 1', () => {
  it('is read, and so is today’s', () => {
    expect(READABLE_VERSIONS).toEqual([1, 2]);
    expect(files.length).toBeGreaterThan(8);
  });

  it.each(files)('%s is one of today’s once it is brought up to date', (_, first) => {
    const today = upgradePiece(first) as PieceDocument;
    expect([...Value.Errors(PieceSchema, today)].map((e) => `${e.path} ${e.message}`)).toEqual([]);
    expect(today.version).toBe(PIECE_VERSION);
    // Everything that named a part by its place names the same part by its id.
    const nameOf = (id: string): string | undefined => today.parts.find((p) => p.id === id)?.name;
    expect(new Set(today.parts.map((p) => p.id)).size).toBe(first.parts.length);
    today.parts.forEach((p, i) => {
      expect(p).toMatchObject(first.parts[i] as object);
    });
    if (first.pattern)
      expect(nameOf(today.pattern?.part ?? '')).toBe(first.parts[first.pattern.part]?.name);
    first.sequence?.variants.forEach((v, k) => {
      v.steps.forEach((s, i) => {
        const step = today.sequence?.variants[k]?.steps[i];
        expect(nameOf(step?.part ?? '')).toBe(first.parts[s.part]?.name);
        expect(step?.to === undefined ? undefined : nameOf(step.to)).toBe(
          s.to === undefined ? undefined : first.parts[s.to]?.name,
        );
      });
    });
    // Once more changes nothing.
    expect(upgradePiece(today)).toBe(today);
  });

  it('a step of a part that was never there is of nobody still', () => {
    const [, candlestick] = files.find(([f]) => f.startsWith('harbour-candlestick')) ?? [];
    const step = candlestick?.sequence?.variants[0]?.steps[0];
    const stray = {
      ...candlestick,
      sequence: {
        chosen: 0,
        helpers: true,
        variants: [{ name: 'x', steps: [{ ...step, part: 77 }] }],
      },
    };
    const today = upgradePiece(stray) as PieceDocument;
    expect(today.sequence?.variants[0]?.steps[0]?.part).toBe('p78');
    expect(today.parts.map((p) => p.id)).not.toContain('p78');
  });
});

describe('what is no piece file of ours', () => {
  it.each([
    [null],
    [7],
    ['text'],
    [[1, 2]],
    [{ format: 'else', version: 1, parts: [{}] }],
    [{ format: 'zanfirico.piece', version: 99 }],
    [{ format: 'zanfirico.piece', version: '1' }],
    [{ format: 'zanfirico.piece' }],
  ])('%j comes back as it was, for the schema to speak of', (value) => {
    expect(upgradePiece(value)).toBe(value);
  });

  it.each([
    [{ parts: 'none' }],
    [{ parts: [null, 3, { name: 'x' }] }],
    [{ parts: [], sequence: 4 }],
    [
      {
        parts: [],
        sequence: { variants: [null, { steps: 'no' }, { steps: [null, { part: 'x' }] }] },
      },
    ],
    [{ parts: [], pattern: [] }],
  ])('damaged inside, %j is brought on without a crash', (damaged) => {
    const file = { format: 'zanfirico.piece', version: 1, ...damaged };
    expect(upgradePiece(file)).toMatchObject({ version: 2 });
    expect(Value.Check(PieceSchema, upgradePiece(file))).toBe(false);
  });
});
