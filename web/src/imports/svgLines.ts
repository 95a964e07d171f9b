// Lines out of an SVG drawing: only geometry is taken. Nothing in the file is run, shown or kept as it came.
import { tr } from '@zanfirico/core/words';
import { XMLParser } from 'fast-xml-parser';
import svgpath from 'svgpath';

/** One cubic Bézier in the drawing's own units, y down: start, two controls, end. */
export type Cubic = readonly [number, number, number, number, number, number, number, number];

/** One unbroken line. */
export interface SvgLine {
  readonly cubics: readonly Cubic[];
  readonly closed: boolean;
  /** Walls written beside a line by this program, mm, one an anchor. */
  readonly walls: readonly number[] | undefined;
  /** Crisp anchors written beside it, counted from 0. */
  readonly corners: readonly number[] | undefined;
}

/** What a drawing holds. */
export interface SvgDrawing {
  readonly lines: readonly SvgLine[];
  /** Millimetres a unit by the drawing's own width, or by 96 units an inch. */
  readonly mmPerUnit: number;
  /** Things in it that were left alone, in words. */
  readonly leftOut: readonly string[];
}

/** Largest SVG read, bytes. */
export const SVG_LIMIT = 4_000_000;
/** Most lines and curves looked at: more is a picture, not a profile. */
const MOST_LINES = 2000;
const MOST_CUBICS = 50_000;
const MM_PER_PIXEL = 25.4 / 96;
const MM: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  in: 25.4,
  pt: 25.4 / 72,
  pc: 25.4 / 6,
  px: MM_PER_PIXEL,
  '': MM_PER_PIXEL,
};
const NOT_LOOKED_INTO = new Set(['defs', 'symbol', 'clipPath', 'mask', 'marker', 'pattern']);

type Attributes = Readonly<Record<string, string>>;
type Node = Readonly<Record<string, readonly Node[] | Attributes>>;

/** Reads an SVG text; throws a sentence when there is nothing to take from it. */
export function readSvg(text: string): SvgDrawing {
  if (text.length > SVG_LIMIT)
    throw new Error(
      tr`The drawing is ${Math.round(text.length / 1e6)} MB; at most ${SVG_LIMIT / 1e6} MB can be read. Save only the line you need.`,
    );
  const tree = parsed(text);
  const svg = tree.find((n) => 'svg' in n);
  if (!svg) throw new Error(tr`This file holds no SVG drawing.`);
  const lines: SvgLine[] = [];
  const leftOut = new Set<string>();
  walk(svg['svg'] as readonly Node[], '', lines, leftOut);
  if (lines.length === 0)
    throw new Error(
      tr`This drawing has no path: no line was found in it. Draw the outside as one path and save again.`,
    );
  const cubics = lines.reduce((n, l) => n + l.cubics.length, 0);
  if (lines.length > MOST_LINES || cubics > MOST_CUBICS)
    throw new Error(
      tr`This drawing has ${lines.length} lines of ${cubics} curves; at most ${MOST_LINES} lines and ${MOST_CUBICS} curves can be read. Save only the line you need.`,
    );
  return { lines, mmPerUnit: unitOf(attributesOf(svg)), leftOut: [...leftOut] };
}

function parsed(text: string): readonly Node[] {
  // The parser is lenient; a file that breaks off would be read as less than it was.
  if (!/<\/(?:\w{1,20}:)?svg\s{0,20}>$/.test(withoutLastComments(text).slice(-50)))
    throw new Error(tr`This is not a whole SVG: it breaks off before its end.`);
  return new XMLParser({
    preserveOrder: true,
    ignoreAttributes: false,
    attributeNamePrefix: '',
    processEntities: false,
  }).parse(text) as readonly Node[];
}

/** A text without the comments and blanks at its end: each is looked at once, from behind. */
function withoutLastComments(text: string): string {
  let end = text.trimEnd();
  while (end.endsWith('-->')) {
    const from = end.lastIndexOf('<!--');
    if (from < 0) break;
    end = end.slice(0, from).trimEnd();
  }
  return end;
}

const attributesOf = (node: Node): Attributes => (node[':@'] as Attributes | undefined) ?? {};

function walk(
  nodes: readonly Node[],
  transform: string,
  lines: SvgLine[],
  leftOut: Set<string>,
): void {
  for (const node of nodes) {
    const name = Object.keys(node).find((k) => k !== ':@');
    if (name === undefined || name.startsWith('#') || name.startsWith('?')) continue;
    const at = attributesOf(node);
    const children = node[name] as readonly Node[];
    if (name === 'script' || name === 'foreignObject') leftOut.add('a script or foreign part');
    else if (name === 'image') leftOut.add('a picture');
    else if (name === 'text') leftOut.add('lettering');
    else if (NOT_LOOKED_INTO.has(name)) continue;
    else {
      const here = `${transform} ${at['transform'] ?? ''}`.trim();
      const d = pathOf(name, at);
      if (d !== undefined) lines.push(...linesOf(d, here, at));
      else walk(children, here, lines, leftOut);
    }
  }
}

/** A shape as path data; undefined for anything that is none. */
function pathOf(name: string, at: Attributes): string | undefined {
  const n = (key: string): number => Number.parseFloat(at[key] ?? '0') || 0;
  const s = (v: number): string => String(v);
  switch (name) {
    case 'path':
      return at['d'] ?? '';
    case 'polyline':
      return `M${at['points'] ?? ''}`;
    case 'polygon':
      return `M${at['points'] ?? ''}Z`;
    case 'line':
      return `M${s(n('x1'))} ${s(n('y1'))}L${s(n('x2'))} ${s(n('y2'))}`;
    case 'rect':
      return `M${s(n('x'))} ${s(n('y'))}h${s(n('width'))}v${s(n('height'))}h${s(-n('width'))}Z`;
    case 'circle':
    case 'ellipse': {
      const rx = name === 'circle' ? n('r') : n('rx');
      const ry = name === 'circle' ? n('r') : n('ry');
      return `M${s(n('cx') - rx)} ${s(n('cy'))}a${s(rx)} ${s(ry)} 0 1 0 ${s(2 * rx)} 0a${s(rx)} ${s(ry)} 0 1 0 ${s(-2 * rx)} 0Z`;
    }
    default:
      return undefined;
  }
}

/** Numbers of a data attribute. */
const numbers = (text: string | undefined): number[] | undefined =>
  text === undefined
    ? undefined
    : text
        .split(/[\s,]+/)
        .filter((w) => w !== '')
        .map(Number)
        .filter(Number.isFinite);

function linesOf(d: string, transform: string, at: Attributes): SvgLine[] {
  const path = svgpath(d);
  const { err } = path as unknown as { err: string };
  if (err !== '') throw new Error(tr`A path in this drawing cannot be read: ${err}.`);
  const found: SvgLine[] = [];
  let cubics: Cubic[] = [];
  let start: readonly [number, number] = [0, 0];
  const finish = (closed: boolean): void => {
    if (cubics.length > 0)
      found.push({
        cubics,
        closed,
        walls: numbers(at['data-walls']),
        corners: numbers(at['data-corners']),
      });
    cubics = [];
  };
  const straight = (x: number, y: number, u: number, v: number): void => {
    if (x === u && y === v) return;
    cubics.push([x, y, x + (u - x) / 3, y + (v - y) / 3, u - (u - x) / 3, v - (v - y) / 3, u, v]);
  };
  const clean = path.transform(transform).abs().unarc().unshort();
  let [cx, cy] = [0, 0];
  clean.iterate((segment) => {
    const [kind, ...v] = segment as [string, ...number[]];
    const [a = 0, b = 0, c = 0, e = 0, f = 0, g = 0] = v;
    if (kind === 'M') {
      finish(false);
      start = [a, b];
      [cx, cy] = [a, b];
    } else if (kind === 'Z' || kind === 'z') {
      straight(cx, cy, start[0], start[1]);
      finish(true);
      [cx, cy] = [start[0], start[1]];
    } else if (kind === 'C') {
      cubics.push([cx, cy, a, b, c, e, f, g]);
      [cx, cy] = [f, g];
    } else if (kind === 'Q') {
      cubics.push([
        cx,
        cy,
        cx + (2 / 3) * (a - cx),
        cy + (2 / 3) * (b - cy),
        c + (2 / 3) * (a - c),
        e + (2 / 3) * (b - e),
        c,
        e,
      ]);
      [cx, cy] = [c, e];
    } else {
      const x = kind === 'V' ? cx : a;
      const y = kind === 'H' ? cy : kind === 'V' ? a : b;
      straight(cx, cy, x, y);
      [cx, cy] = [x, y];
    }
  });
  finish(false);
  return found;
}

/** Millimetres a unit: the drawing's width over its view box, or its bare unit. */
function unitOf(at: Attributes): number {
  const [, value, unit = ''] = /^([\d.]+) ?([a-z%]*)$/.exec(at['width']?.trim() ?? '') ?? [];
  const box = numbers(at['viewBox']);
  const mm = MM[unit];
  if (value === undefined || mm === undefined) return MM_PER_PIXEL;
  const wide = box?.[2];
  return wide !== undefined && wide > 0 ? (Number(value) * mm) / wide : mm;
}

/** A place on a cubic. */
export function onCubic(c: Cubic, t: number): readonly [number, number] {
  const u = 1 - t;
  const [b0, b1, b2, b3] = [u * u * u, 3 * u * u * t, 3 * u * t * t, t * t * t];
  return [
    b0 * c[0] + b1 * c[2] + b2 * c[4] + b3 * c[6],
    b0 * c[1] + b1 * c[3] + b2 * c[5] + b3 * c[7],
  ];
}

/** The box that holds points: least and most across, least and most down. */
export function boxOfPoints(
  points: Iterable<readonly [number, number]>,
): readonly [x0: number, x1: number, y0: number, y1: number] {
  let [x0, x1, y0, y1] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const [x, y] of points) {
    x0 = Math.min(x0, x);
    x1 = Math.max(x1, x);
    y0 = Math.min(y0, y);
    y1 = Math.max(y1, y);
  }
  return [x0, x1, y0, y1];
}

/** A line as points, so many a cubic. */
export function flatLine(line: SvgLine, per = 12): (readonly [number, number])[] {
  const points: (readonly [number, number])[] = [];
  line.cubics.forEach((c, i) => {
    for (let k = i === 0 ? 0 : 1; k <= per; k += 1) points.push(onCubic(c, k / per));
  });
  return points;
}
