// Files made to freeze a page: twice as long takes no more than a few times as long, and each is told in a sentence or read.
import { rackFromCsv } from './rackFromCsv';
import { profileFromCsv } from './profileFromCsv';
import { figureFromSvg } from './figureFromSvg';
import { readSvg } from './svgLines';

const svg = (inside: string, after = ''): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="10mm">${inside}</svg>${after}`;
const LINE = '<path d="M0 0L10 10"/>';

/** None of these takes a tenth of this, ms; the ones of before took minutes to for ever. */
const QUICK = 8000;
const timed = (run: () => unknown): number => {
  const since = performance.now();
  try {
    run();
  } catch (error) {
    expect(error).toBeInstanceOf(Error);
    expect((error as Error).message.length).toBeLessThan(300);
  }
  return performance.now() - since;
};

describe('drawings made to freeze', () => {
  it.each<[string, string]>([
    ['forty comments and then something', svg(LINE, `${'<!-- -->'.repeat(40)}x`)],
    ['a hundred thousand comments', svg(LINE, '<!---->'.repeat(100_000))],
    ['blanks at its end', svg(LINE, `${' '.repeat(1_000_000)}x`)],
    ['an end tag that never ends', svg(LINE, `</svg${' '.repeat(1_000_000)}`)],
    ['a width of blanks', svg(LINE).replace('10mm', `1${' '.repeat(500_000)}!`)],
    ['eight thousand short paths', svg(LINE.repeat(8000))],
    ['one path of a hundred thousand lines', svg(`<path d="M0 0${'h1v1'.repeat(50_000)}"/>`)],
  ])('%s', (_what, text) => {
    expect(timed(() => readSvg(text))).toBeLessThan(QUICK);
  });

  it('of eight thousand paths it is said how many can be read, and comments at the end are no harm', () => {
    expect(() => readSvg(svg(LINE.repeat(8000)))).toThrow(
      /has 8000 lines of 8000 curves; at most 2000 lines/,
    );
    expect(readSvg(svg(LINE, '\n<!-- a --><!-- b -->\n')).lines).toHaveLength(1);
    expect(() => readSvg(svg(LINE, '<!-- a --> x'))).toThrow(/breaks off/);
    expect(() => readSvg(`${svg(LINE).slice(0, -6)}<!-- </svg> -->`)).toThrow(/breaks off/);
  });

  it('the box of a figure is found whatever the number of its points', () => {
    const long = `<path d="M0 0${'l1 0 0 1'.repeat(150)}"/>`;
    const figure = figureFromSvg(svg(long.repeat(50)), 0.1);
    const xs = figure.flat().map(([x]) => x);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(0.1, 5);
  });
});

describe('tables made to freeze', () => {
  const blanks = ' '.repeat(300_000);
  it.each<[string, string]>([
    ['stock of blanks', `name,stock\nA,"bar${blanks}x"`],
    ['stock of letters and blanks', `name,stock\nA,"${'a '.repeat(900)}!"`],
    ['oxides of blanks', `name,composition\nA,"SiO2 71${blanks}z"`],
    ['a title of brackets', `name,${'('.repeat(300_000)}x\nA,1`],
    ['a number of commas', `name,coe\nA,"${'9,'.repeat(150_000)}"`],
    ['a name of dashes', `name\n"${'-'.repeat(300_000)}"`],
    ['metals without end', `name,holds\nA,"${'Cu '.repeat(100_000)}"`],
  ])('%s', (_what, text) => {
    expect(timed(() => rackFromCsv(text))).toBeLessThan(QUICK);
  });

  it('say of the row what was too long', () => {
    const { problems } = rackFromCsv(`name,notes\nA,"${'x'.repeat(3000)}"\nB,short`);
    expect(problems).toEqual([
      { row: 2, says: 'notes: the cell has 3000 letters; at most 2000 are read.' },
    ]);
  });

  it('a profile with a title of blanks', () => {
    const text = `height,radius,h${' '.repeat(300_000)}!\n0,0,1`;
    expect(timed(() => profileFromCsv(text, 0.003))).toBeLessThan(QUICK);
  });
});
