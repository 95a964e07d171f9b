// The real section of a piece through a night: meshed, cooled, and the night it asks for.
import { ARRIVES_UNEVEN, checkedSchedule } from '@zanfirico/core/night';
import {
  meshOfSection,
  ORDINARY_STANDING,
  sectionNight,
  seesOf,
} from '@zanfirico/core/night/section';
import { derive, NO_SHOP, realSectionOf } from '@zanfirico/core/piece';
import { SHIPPED_RACK } from '@zanfirico/core/rack';
import { upgradePiece, type PieceDocument } from '@zanfirico/contract/piece';
import cellarFile from '../server/src/demo/pieces/02-salt-cellar.1.json';
import candlestickFile from '../server/src/demo/pieces/05-harbour-candlestick.1.json';
import gobletFile from '../server/src/demo/pieces/04-quay-goblet.1.json';
import { median, type Row, SMALL } from './rows';

/** Milliseconds a piece of work takes, the median of three after one to warm it. */
function took(work: () => void): number {
  work();
  return median(
    [0, 1, 2].map(() => {
      const start = performance.now();
      work();
      return performance.now() - start;
    }),
  );
}

const CASES = [
  { name: 'stemmed glass', file: gobletFile, wanted: '< 1.0 s at 1 500 nodes' },
  { name: 'five-part candlestick', file: candlestickFile, wanted: '< 2.5 s' },
];

/** Of few nodes: a small run goes through it quickly. */
const SMALLEST = { name: 'salt cellar', file: cellarFile, wanted: '' };

export function measureSections(): Row[] {
  return (SMALL ? [SMALLEST] : CASES).flatMap(({ name, file, wanted }): Row[] => {
    const document = upgradePiece(file) as PieceDocument;
    const glass = SHIPPED_RACK.glass(document.glass);
    const derived = glass && derive(document, glass, NO_SHOP);
    const section = derived?.ok === true && realSectionOf(derived.parts, derived.bits);
    if (!glass || derived?.ok !== true || !section) throw new Error(`no section of ${name}`);
    const { drawn, ...walls } = derived.night;
    const { curve, schedule } = checkedSchedule(walls);
    const mesh = meshOfSection(section, ORDINARY_STANDING);
    const meshing = took(() => meshOfSection(section, ORDINARY_STANDING));
    const night = took(() =>
      sectionNight({
        mesh,
        glass,
        curve,
        sees: seesOf(section, ORDINARY_STANDING),
        startUneven: ARRIVES_UNEVEN,
        countFrom: schedule.soak.value,
      }),
    );
    const start = performance.now();
    let first = 0;
    // Its drawing anew, so that nothing of it is known yet.
    const fresh = structuredClone(drawn);
    const own = checkedSchedule(
      { ...walls, drawn: fresh },
      {
        onSound: () => {
          first ||= performance.now() - start;
        },
      },
    );
    const search = performance.now() - start;
    return [
      {
        what: `${name}: its section meshed, ${String(mesh.nodes)} nodes (Node, median of 3)`,
        measured: `${meshing.toFixed(0)} ms`,
        wanted: '',
      },
      {
        what: `${name}: one night of its section (Node, median of 3)`,
        measured: `${(night / 1000).toFixed(2)} s`,
        wanted: wanted,
      },
      {
        what: `${name}: the first schedule that is sound in its section`,
        measured: `${(first / 1000).toFixed(1)} s`,
        wanted: '< 2 s',
      },
      {
        what: `${name}: the night its section asks for, ${String(own.rounds)} rough nights and fine ones`,
        measured: `${(search / 1000).toFixed(1)} s`,
        wanted: '< 6 s',
      },
    ];
  });
}
