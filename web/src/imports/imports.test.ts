// Profiles, figures and meshes in: what this program writes it reads back; what is wrong is said in a sentence.
import type { PieceDocument, ProfilePoint } from '@zanfirico/contract/piece';
import { FORMS, measureMesh, measureShape, startingProfile } from '@zanfirico/core/form';
import { bodyShells, derive, type Derived } from '@zanfirico/core/piece';
import { findGlass } from '@zanfirico/core/rack';
import * as fc from 'fast-check';
import { shellsStl } from '../exports/meshes';
import { profileCsv } from '../exports/profileCsv';
import { sectionSvg } from '../exports/sectionSvg';
import { freshDocument } from '../places/pieces/freshDocument';
import { figureFromSvg } from './figureFromSvg';
import { meshFromStl } from './meshFromStl';
import { profileFromCsv } from './profileFromCsv';
import { profileFromLine } from './profileFromSvg';
import { flatLine, readSvg } from './svgLines';

const glass = findGlass('soft-batch-96');
if (!glass) throw new Error('the rack has lost its soft batch');
const soft = glass;

function made(document: PieceDocument): Extract<Derived, { ok: true }> {
  const derived = derive(document, soft);
  if (!derived.ok) throw new Error(derived.problems[0]?.message);
  return derived;
}
const fresh = (form: (typeof FORMS)[number], profile?: ProfilePoint[]): PieceDocument => {
  const document = freshDocument({ name: 'Back <again> & "so"', form, glass: 'soft-batch-96' });
  return profile ? { ...document, parts: [{ id: 'p1', name: 'body', profile }] } : document;
};
const back = (document: PieceDocument, line = 0): ProfilePoint[] => {
  const drawing = readSvg(sectionSvg(document, made(document)));
  const own = drawing.lines.filter((l) => l.walls !== undefined)[line];
  if (!own) throw new Error('its own line is missing');
  expect(drawing.mmPerUnit).toBeCloseTo(1, 6);
  return profileFromLine(own, { mmPerUnit: 1, axis: 'zero', wall: 0.009, lowest: undefined });
};
const nothing = (): never => {
  throw new Error('the drawing must hold a line');
};
/** Largest distance between the curves of two profiles, sample by sample, m. */
function apart(a: readonly ProfilePoint[], b: readonly ProfilePoint[]): number {
  const [p, q] = [measureShape(a, 0.22), measureShape(b, 0.22)];
  if (!p.ok || !q.ok) throw new Error('both must be makeable');
  return Math.max(
    ...p.shape.outer.r.map((r, i) =>
      Math.hypot(
        r - (q.shape.outer.r[i] as number),
        (p.shape.outer.z[i] as number) - (q.shape.outer.z[i] as number),
      ),
    ),
    ...p.shape.outer.wall.map((w, i) => Math.abs(w - (q.shape.outer.wall[i] as number))),
  );
}

describe('the section as SVG and back', () => {
  it.each(FORMS)('returns a %s within 0.01 mm, walls and all', (form) => {
    const document = fresh(form);
    document.parts.forEach((part, i) => {
      if (part.work !== 'solid') expect(apart(back(document, i), part.profile)).toBeLessThan(1e-5);
    });
  });

  it('returns pulled tangents and shaken points within 0.01 mm', () => {
    const base = startingProfile('bottle');
    const shake = fc.array(fc.double({ min: -0.001, max: 0.001, noNaN: true }), {
      minLength: base.length,
      maxLength: base.length,
    });
    let looked = 0;
    fc.assert(
      fc.property(shake, fc.double({ min: -0.3, max: 0.3, noNaN: true }), (by, lean) => {
        const profile = base.map((p, i): ProfilePoint => ({
          ...p,
          radius: p.radius === 0 ? 0 : p.radius + (by[i] as number),
          height: p.height + (i > 1 ? (by[base.length - 1 - i] as number) : 0),
          ...(i === 5 && { pull: { radius: -0.6 + lean, height: 0.8 } }),
        }));
        if (!measureShape(profile, 0.22).ok) return true;
        looked += 1;
        return apart(back(fresh('bottle', profile)), profile) < 1e-5;
      }),
      { numRuns: 40 },
    );
    // Shaken forms that cannot be made say nothing: most must be.
    expect(looked).toBeGreaterThan(20);
  });

  it('stands at true size: width and height in mm, the lip where the lip is', () => {
    const document = fresh('tumbler');
    const svg = sectionSvg(document, made(document));
    const [, width, x, , , wide] =
      /width="([\d.]+)mm" .* viewBox="(-?[\d.]+) (-?[\d.]+) ([\d.]+) ([\d.]+)"/.exec(svg) ?? [];
    expect(Number(width)).toBeCloseTo(2 * 40 + 2 * 12, 2);
    expect(Number(x)).toBeCloseTo(-52, 2);
    expect(Number(wide)).toBeGreaterThan(105);
    expect(svg).toContain('40 -105');
    expect(svg).not.toContain('<again>');
  });
});

/** A quarter round of radius 40 and a straight side to 100 high, as another program may draw it: y down, moved, in px. */
const DRAWN = `<svg xmlns="http://www.w3.org/2000/svg" width="100mm" viewBox="0 0 200 300">
  <g transform="translate(20 10)"><path d="M0 200a80 80 0 0 0 80 -80V0"/></g>
</svg>`;

describe('a profile from any SVG', () => {
  it('takes scale, move and arc: a quarter round of 40 mm and 60 mm of side', () => {
    const drawing = readSvg(DRAWN);
    expect(drawing.mmPerUnit).toBeCloseTo(0.5, 9);
    const points = profileFromLine(drawing.lines[0] as (typeof drawing.lines)[number], {
      mmPerUnit: drawing.mmPerUnit,
      axis: 'left',
      wall: 0.004,
      lowest: 0,
    });
    expect(points[0]).toMatchObject({ height: 0, radius: 0, wall: 0.004 });
    expect(points[points.length - 1]).toMatchObject({ height: 0.1, radius: 0.04 });
    const shape = measureShape(points, 0.22);
    if (!shape.ok) throw new Error('it must be makeable');
    // Archimedes: a hemisphere's curved surface is 2πr²; with the cylinder above, 2πr·(r + 60 mm).
    const skin = 2 * Math.PI * 0.04 * 0.1;
    expect(Math.abs(shape.shape.outsideArea / skin - 1)).toBeLessThan(0.002);
  });

  it('reads a line drawn from the lip down, or left of its axis, as the same form', () => {
    const line = (d: string) =>
      readSvg(`<svg viewBox="0 0 100 100" width="100mm"><path d="${d}"/></svg>`).lines[0] ??
      nothing();
    const reading = { mmPerUnit: 1, wall: 0.003, lowest: 0 } as const;
    const up = profileFromLine(line('M50 90H70L80 20'), { ...reading, axis: 'left' });
    const down = profileFromLine(line('M80 20L70 90H50'), { ...reading, axis: 'left' });
    const mirrored = profileFromLine(line('M50 90H30L20 20'), { ...reading, axis: 'right' });
    expect(down).toEqual(up);
    expect(mirrored).toEqual(up);
    expect(up[1]).toMatchObject({ radius: 0.02, height: 0, corner: true });
  });

  it.each([
    ['no path', '<svg><text>hello</text></svg>', /no path/],
    ['half a file', '<svg><path d="M0 0L1 1"', /breaks off/],
    ['no SVG', '<html></html>', /not a whole SVG|no SVG/],
    ['a broken path', '<svg><path d="M0 0L x"/></svg>', /cannot be read/],
  ])('%s is refused in a sentence', (_name, text, says) => {
    expect(() => readSvg(text)).toThrow(says);
  });

  it('never takes a script along, and says it was there', () => {
    const drawing = readSvg(
      '<svg onload="alert(1)"><script>alert(2)</script><image href="x"/><path d="M0 0L5 0L5 9" onclick="alert(3)"/></svg>',
    );
    expect(drawing.leftOut).toEqual(['a script or foreign part', 'a picture']);
    expect(JSON.stringify(drawing)).not.toContain('alert');
  });

  it.each([
    ['M10 10H20V20H10Z', 'left', /closed/],
    ['M10 90L20 90L5 10L30 5', 'zero', undefined],
    ['M-10 90L20 90L25 10', 'zero', /across the axis/],
    ['M10 90L20 10', 'left', /fewer than three/],
  ] as const)('%s on axis %s', (d, axis, says) => {
    const [line] = readSvg(`<svg><path d="${d}"/></svg>`).lines;
    const read = () =>
      profileFromLine(line as NonNullable<typeof line>, {
        mmPerUnit: 1,
        axis,
        wall: 0.003,
        lowest: 0,
      });
    if (says) expect(read).toThrow(says);
    else expect(read()).toHaveLength(4);
  });

  it('is not held up by a huge file', () => {
    expect(() => readSvg(`<svg>${' '.repeat(5_000_000)}</svg>`)).toThrow(/at most 4 MB/);
  });
});

describe('a profile as a table and back', () => {
  it.each(FORMS)('returns a %s within 0.01 mm', (form) => {
    const [part] = fresh(form).parts;
    if (!part) throw new Error('a piece has a part');
    const read = profileFromCsv(profileCsv(part), 0.001);
    expect(read).toHaveLength(part.profile.length);
    read.forEach((p, i) => {
      const q = part.profile[i];
      expect(Math.abs(p.height - (q?.height ?? NaN))).toBeLessThan(1e-5);
      expect(Math.abs(p.radius - (q?.radius ?? NaN))).toBeLessThan(1e-5);
      expect(Math.abs(p.wall - (q?.wall ?? NaN))).toBeLessThan(1e-5);
      expect(p.corner).toBe(q?.corner === true ? true : undefined);
    });
  });

  it.each([
    ['height;radius\n0;0\n1,5;20\n80;30,25', [0, 0.02, 0.03025]],
    ['z (in), diameter (in)\n0,0\n1,2\n3,2.5', [0, 0.0254, 0.03175]],
    ['h\tacross_mm\twall_mm\n0\t0\t3\n10\t40\t3\n90\t50\t2', [0, 0.02, 0.025]],
  ])('understands %j', (text, radii) => {
    expect(profileFromCsv(text, 0.003).map((p) => Number(p.radius.toFixed(6)))).toEqual(radii);
  });

  it.each([
    ['a,b\n1,2\n1,2\n1,2', /columns height and radius/],
    ['height,radius\n0,0\n1,x\n2,3', /Row 2, radius: “x”/],
    ['height,radius\n0,0\n,4\n2,3', /Row 2: the height is missing/],
    ['height,radius\n0,0', /1 rows/],
  ])('refuses %j', (text, says) => {
    expect(() => profileFromCsv(text, 0.003)).toThrow(says);
  });
});

describe('a figure from an SVG', () => {
  it('comes as wide as told, about its middle, y up', () => {
    const [square, line] = figureFromSvg(
      '<svg><rect x="10" y="10" width="20" height="40"/><path d="M20 10v-10"/></svg>',
      0.01,
    );
    const xs = square?.map(([x]) => x) ?? [];
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(0.01, 9);
    expect(line?.[line.length - 1]?.[1]).toBeCloseTo(0.0125, 6);
  });

  it('refuses one without width', () => {
    expect(() => figureFromSvg('<svg><path d="M5 0v10"/></svg>', 0.01)).toThrow(/no width/);
  });
});

describe('a sculpted bit from STL', () => {
  const shells = bodyShells(
    [],
    [
      {
        name: 'ball',
        shape: { kind: 'ball', diameter: 0.02 },
        place: { height: 0.3, out: 0.1, around: 0, tilt: 0, copies: 1 },
      },
    ],
    { facets: 32, rows: 32 },
  );
  const bytes = (): ArrayBuffer => {
    const out = shellsStl(shells);
    return out.buffer.slice(out.byteOffset, out.byteOffset + out.byteLength);
  };

  it('returns the glass that was written, about its own middle', () => {
    const read = meshFromStl(bytes(), 1e-3);
    expect(read.volume / ((Math.PI / 6) * 8e-6)).toBeCloseTo(1, 3);
    expect(measureMesh(read).centre.every((c) => Math.abs(c) < 1e-5)).toBe(true);
    expect(read.flipped).toBe(false);
  });

  it('turns over one whose faces look inwards', () => {
    const view = new DataView(bytes());
    // Exchange the second and third corner of every facet (50 bytes each, after 84).
    for (let at = 84; at + 50 <= view.byteLength; at += 50)
      for (let k = 0; k < 12; k += 1) {
        const a = view.getUint8(at + 24 + k);
        view.setUint8(at + 24 + k, view.getUint8(at + 36 + k));
        view.setUint8(at + 36 + k, a);
      }
    const read = meshFromStl(view.buffer, 1e-3);
    expect(read.flipped).toBe(true);
    expect(measureMesh(read).volume).toBeGreaterThan(0);
  });

  it('says where an open one gapes, and refuses what is no mesh', () => {
    const holed = bytes();
    new DataView(holed).setUint32(80, new DataView(holed).getUint32(80, true) - 1, true);
    expect(() => meshFromStl(holed.slice(0, holed.byteLength - 50), 1e-3)).toThrow(
      /not closed: 3 edges stand open, the first near x /,
    );
    expect(() => meshFromStl(new TextEncoder().encode('solid nothing').buffer, 1)).toThrow(
      /no mesh|no STL/,
    );
    expect(() => meshFromStl(bytes(), 1)).toThrow(/reaches .* at this unit/);
  });
});

it('flattens a line to points on it', () => {
  const [line] = readSvg('<svg><path d="M0 0C0 10 10 10 10 0"/></svg>').lines;
  const points = flatLine(line as NonNullable<typeof line>, 2);
  expect(points).toEqual([
    [0, 0],
    [5, 7.5],
    [10, 0],
  ]);
});
