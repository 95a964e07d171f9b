// What the file worker does: drawings of other people read, away from the page, which goes on whatever is in them.
import { figureFromSvg } from '../imports/figureFromSvg';
import { readSvg, type SvgDrawing } from '../imports/svgLines';

/** The worker's calls. Each throws a sentence for what cannot be read. */
export const fileWork = {
  svg: (text: string): SvgDrawing => readSvg(text),
  figure: (text: string, width: number): [number, number][][] => figureFromSvg(text, width),
};
