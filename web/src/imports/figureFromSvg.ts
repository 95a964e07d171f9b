// A figure to lay on the glass out of an SVG: its lines, about their own middle, as wide as told.
import { tr } from '@zanfirico/core/words';
import { boxOfPoints, flatLine, readSvg } from './svgLines';

/** Most lines and points a line that a piece keeps. */
const MOST_LINES = 60;
const MOST_POINTS = 400;

/** Outlines in metres, y up, about the middle of their box; `width` is the whole figure's, m. */
export function figureFromSvg(text: string, width: number): [number, number][][] {
  const { lines } = readSvg(text);
  if (lines.length > MOST_LINES)
    throw new Error(
      tr`This drawing has ${lines.length} lines; a figure takes at most ${MOST_LINES}. Join or leave out some.`,
    );
  const flat = lines.map((line) => {
    const per = Math.max(1, Math.min(10, Math.floor((MOST_POINTS - 1) / line.cubics.length)));
    return flatLine(line, per);
  });
  const long = flat.findIndex((l) => l.length > MOST_POINTS);
  if (long >= 0)
    throw new Error(
      tr`Line ${long + 1} of this drawing has ${flat[long]?.length ?? 0} points; a figure takes at most ${MOST_POINTS} a line. Simplify it.`,
    );
  const [x0, x1, y0, y1] = boxOfPoints(flat.flat());
  if (!(x1 - x0 > 1e-6 * (y1 - y0)))
    throw new Error(tr`This drawing has no width: its lines stand on top of each other.`);
  const k = width / (x1 - x0);
  return flat.map((line) =>
    line.map(([x, y]): [number, number] => [
      Number(((x - (x0 + x1) / 2) * k).toFixed(6)),
      Number((((y0 + y1) / 2 - y) * k).toFixed(6)),
    ]),
  );
}
