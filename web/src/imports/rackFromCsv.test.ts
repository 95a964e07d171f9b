// The rack's table in and out, compositions as written, and colours out of a photo's pixels.
import type { RackEntry } from '@zanfirico/contract/rack';
import { toLinear } from '@zanfirico/core/fit';
import { SHIPPED_RACK } from '@zanfirico/core/rack';
import * as fc from 'fast-check';
import { rackCsv } from '../exports/rackCsv';
import { readOxides } from './oxides';
import Papa from 'papaparse';
import { balanced, decodePhoto, meanLight } from './photo';
import { idOf, rackFromCsv } from './rackFromCsv';

/** A table read, its entries by themselves. */
const readTable = (text: string, known?: readonly RackEntry[]) => {
  const { rows, problems, ignored } = rackFromCsv(text, known);
  return { rows, entries: rows.map((r) => r.entry), problems, ignored };
};

describe('a rack table', () => {
  it('comes back as it went out', () => {
    const own: RackEntry = {
      ...(SHIPPED_RACK.line('chalk') as NonNullable<ReturnType<typeof SHIPPED_RACK.line>>).entry,
      id: 'our-chalk',
      name: 'Our “chalk”, thick; soft',
      values: {
        expansion: { sheet: 97.5e-7, measured: 98.2e-7 },
        softening: { sheet: 664 },
        youngsModulus: { measured: 68.5e9 },
      },
      sheetFrom: 'sheet, page 2',
      composition: { SiO2: 70, Na2O: 16, CaO: 10, SnO2: 4 },
      stock: [
        { form: 'bar', length: 0.25, diameter: 0.028, lot: 'A7' },
        { form: 'powder', mass: 0.2 },
      ],
      notes: 'stiff at the pipe',
      seen: { sample: 0.001, through: [0.07, 0.07, 0.08], body: [0.88, 0.86, 0.79] },
      retired: true,
    };
    // Tin oxide has no factor: such a composition is refused, as on screen.
    expect(rackFromCsv(rackCsv([own])).problems[0]?.says).toContain('SnO2 has no published factor');
    const kept = { ...own, composition: { SiO2: 72, Na2O: 16, CaO: 12 } };
    const { entries, problems, ignored } = readTable(rackCsv([kept]));
    expect([problems, ignored]).toEqual([[], []]);
    expect(entries).toEqual([kept]);
  });

  it('tells the numbers an entry is reckoned with, shipped ones too, which say nothing when read back', () => {
    const line = SHIPPED_RACK.line('soft-batch-96') as NonNullable<
      ReturnType<typeof SHIPPED_RACK.line>
    >;
    const text = rackCsv([line.entry]);
    const [told] = Papa.parse<Record<string, string>>(text.trimEnd(), { header: true }).data;
    const cell = (name: string): string => told?.[name] ?? 'none';
    expect([cell('expansion_sheet'), cell('expansion_used'), cell('expansion_by')]).toEqual([
      '',
      '96',
      'representative',
    ]);
    expect(Number(cell('annealing_c_used'))).toBeGreaterThan(450);
    const changed = text.replace(`,${cell('expansion_used')},representative`, ',80,representative');
    expect(changed).not.toBe(text);
    const shipped = SHIPPED_RACK.lines.map((l) => l.entry);
    expect(readTable(changed, shipped)).toMatchObject({ problems: [], ignored: [] });
    expect(rackFromCsv(changed, shipped).rows[0]?.does).toBe('leaves');
  });

  it('of all that is shipped comes back whole', () => {
    const shipped = SHIPPED_RACK.lines.map((l) => l.entry);
    const { entries, problems } = readTable(rackCsv(shipped));
    expect(problems).toEqual([]);
    expect(entries.map((e) => [e.id, e.forms, e.holds])).toEqual(
      shipped.map((e) => [e.id, [...e.forms], [...e.holds]]),
    );
  });

  it.each([
    ['semicolons and decimal commas', 'name;COE;annealing\nTeal;95,5;505,5', 95.5e-7, 505.5],
    ['tabs and Fahrenheit', 'Name\tExpansion\tAnnealing (F)\nTeal\t9.55e-6\t941.9', 95.5e-7, 505.5],
    [
      'a mark for bytes, and units in the cell',
      '\uFEFFname,alpha,anneal\r\nTeal,95.5e-7,941.9F\r\n',
      95.5e-7,
      505.5,
    ],
  ])('is read with %s', (_, text, expansion, annealing) => {
    const { entries } = readTable(text);
    expect(entries[0]?.values.expansion?.sheet).toBeCloseTo(expansion, 12);
    expect(entries[0]?.values.annealing?.sheet).toBeCloseTo(annealing, 6);
  });

  it('tells by row what cannot be read, and keeps the rest', () => {
    const { entries, problems, ignored } = readTable(
      [
        'name,expansion,holds,strain,annealing,price',
        'Good,96,Cu,,,3',
        ',96,,,,',
        'Wild,960,,,,',
        'Odd,96,copper,,,',
        'Upside down,96,,540,500,',
        'Good,94,,,,',
      ].join('\n'),
    );
    expect(entries.map((e) => e.name)).toEqual(['Good']);
    expect(problems.map((p) => p.row)).toEqual([3, 4, 5, 6, 7]);
    expect(problems.map((p) => p.says).join('\n')).toMatch(
      /name is missing[^]*Did you mean 96[^]*“Copper” is no chemical symbol[^]*must lie below[^]*row 2 already/,
    );
    expect(ignored).toEqual(['price']);
  });

  it('without names, without rows or with 50 000 of them is refused in one sentence', () => {
    expect(() => rackFromCsv('coe,anneal\n96,505')).toThrow(
      /needs a first row with a column “name”/,
    );
    expect(() => rackFromCsv('name,coe\n')).toThrow(/no row/);
    const many = `name\n${Array.from({ length: 50000 }, (_, i) => `c${String(i)}`).join('\n')}`;
    expect(() => rackFromCsv(many)).toThrow(/has 50000 rows; a rack holds 5000/);
  });

  it('makes ids of names, whatever the letters', () => {
    expect(idOf('Grün, tief (№ 3)')).toBe('grun-tief-3');
    expect(idOf('…')).toBe('unnamed');
    fc.assert(fc.property(fc.string(), (name) => /^[a-z0-9-]{1,40}$/.test(idOf(name))));
  });
});

describe('oxides', () => {
  it.each([
    'SiO2 71.7; Na2O 15; CaO 13.3',
    'SiO2: 71,7, Na2O 15 %, CaO 13,3',
    'SiO2=71.7\nNa2O=15\nCaO=13.3',
    'SiO2 71.7 Na2O 15 CaO 13.3',
  ])('are read as written: %p', (text) => {
    expect(readOxides(text)).toEqual({ ok: true, value: { SiO2: 71.7, Na2O: 15, CaO: 13.3 } });
  });
  it('are none when nothing is written, and named when they are no oxides', () => {
    expect(readOxides(' ')).toEqual({ ok: true, value: undefined });
    expect(readOxides('mostly sand')).toMatchObject({ ok: false });
  });
});

describe('a photo', () => {
  const flat = (r: number, g: number, b: number): Pick<ImageData, 'data' | 'width' | 'height'> => ({
    width: 4,
    height: 4,
    data: Uint8ClampedArray.from(Array.from({ length: 16 }, () => [r, g, b, 255]).flat()),
  });
  it('gives the mean light about a place, also at its edge', () => {
    const light = meanLight(flat(128, 64, 255), 0, 3, 4);
    expect(light[0]).toBeCloseTo(toLinear(128), 12);
    expect(light[1]).toBeCloseTo(toLinear(64), 12);
    expect(light[2]).toBeCloseTo(1, 12);
  });
  it('is corrected by a white beside the glass: a yellow lamp goes out of both', () => {
    const lamp = [0.9, 0.8, 0.4] as const;
    const glass = [0.45, 0.16, 0.08] as const;
    const fixed = balanced(glass, lamp);
    expect(fixed[0]).toBeCloseTo(0.47, 6);
    expect(fixed[1]).toBeCloseTo(0.188, 6);
    expect(fixed[2]).toBeCloseTo(0.188, 6);
    expect(balanced(glass, undefined)).toEqual(glass);
  });
  it('that is no picture or far too big is refused by name', async () => {
    const big = { name: 'wall.tif', size: 90e6 } as File;
    await expect(decodePhoto(big)).rejects.toThrow(
      /“wall.tif” is 90 MB; a photo may be at most 40 MB/,
    );
    await expect(decodePhoto({ name: 'notes.txt', size: 10 } as File)).rejects.toThrow(
      /no picture/,
    );
  });
});

describe('a table read against the rack', () => {
  const inRack = SHIPPED_RACK.lines.map((l) => l.entry);
  const of = (id: string): RackEntry => {
    const found = inRack.find((e) => e.id === id);
    if (!found) throw new Error(`the rack has lost ${id}`);
    return found;
  };

  // A row without a kind made a colour of a glass, and eight of nine pieces no longer opened.
  it('a row without a kind keeps what is a glass a glass, and changes what it has a cell for only', () => {
    const soft = of('soft-batch-96');
    const { rows } = readTable(`id,name,coe\nsoft-batch-96,${soft.name},96.4`, inRack);
    expect(rows).toHaveLength(1);
    expect(rows[0]).toMatchObject({ row: 2, does: 'changes', what: ['expansion'] });
    expect(rows[0]?.entry).toEqual({
      ...soft,
      values: {
        ...soft.values,
        expansion: { ...soft.values.expansion, sheet: expect.closeTo(96.4e-7, 12) },
      },
    });
  });
  it('one that says otherwise is refused in a sentence with the way out', () => {
    const { rows, problems } = readTable(
      `id,name,kind\nsoft-batch-96,Soft soda-lime batch 96,colour\nchalk,Chalk,colour`,
      inRack,
    );
    expect(rows.map((r) => r.entry.id)).toEqual(['chalk']);
    expect(problems).toHaveLength(1);
    expect(problems[0]).toMatchObject({ row: 2 });
    expect(problems[0]?.says).toMatch(/is a glass in the rack and stays one.*of its own/);
  });
  it('says row by row what it would add, change and leave', () => {
    const chalk = of('chalk');
    const text = [
      rackCsv([chalk]).trimEnd(),
      rackCsv([{ ...of('kelp'), strikes: true, notes: 'ours' }])
        .trimEnd()
        .split('\r\n')[1] ?? '',
      rackCsv([{ ...chalk, id: 'our-chalk', name: 'Our chalk' }])
        .trimEnd()
        .split('\r\n')[1] ?? '',
    ].join('\r\n');
    const { rows, problems } = readTable(text, inRack);
    expect(problems).toEqual([]);
    expect(rows.map((r) => [r.entry.id, r.does])).toEqual([
      ['chalk', 'leaves'],
      ['kelp', 'changes'],
      ['our-chalk', 'adds'],
    ]);
    expect([...(rows[1]?.what ?? [])].sort()).toEqual(['notes', 'strikes']);
  });
  it('all that ships, out and in again, changes nothing', () => {
    const { rows, problems } = readTable(rackCsv(inRack), inRack);
    expect(problems).toEqual([]);
    expect(rows.filter((r) => r.does !== 'leaves').map((r) => [r.entry.id, r.what])).toEqual([]);
  });
});
