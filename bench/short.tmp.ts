import {
  derive,
  NO_SHOP,
  SHIPPED_RACK,
  shortestNight,
  warming,
  judgeCurve,
  checkedSchedule,
} from '/work/main/core/src/index';
import { upgradePiece } from '/work/main/contract/src/index';
import { readFileSync } from 'node:fs';
const dir = '/work/main/server/src/demo/pieces/';
for (const f of ['04-quay-goblet.1.json', '03-oil-cruet.1.json']) {
  const document = upgradePiece(JSON.parse(readFileSync(dir + f, 'utf8'))) as any;
  const glass = SHIPPED_RACK.glass(document.glass)!;
  const derived = derive(document, glass, NO_SHOP) as any;
  let t = performance.now();
  const s = shortestNight(derived.night, {
    onBest: (b) =>
      console.log(
        'best',
        (b.seconds / 3600).toFixed(2),
        (b.outcome.kept / 1e6).toFixed(3),
        ((performance.now() - t) / 1000).toFixed(1),
      ),
  });
  console.log(
    'shortest',
    (s.seconds / 3600).toFixed(2),
    s.tries,
    (s.outcome.kept / 1e6).toFixed(3),
    ((performance.now() - t) / 1000).toFixed(1),
    's',
  );
  t = performance.now();
  const w = warming(derived.night, derived.night.box, 20, 505);
  console.log(
    'warm',
    (w.seconds / 3600).toFixed(2),
    (w.rate * 3600) | 0,
    w.outcome.worst.where,
    (w.outcome.worst.stress / 1e6).toFixed(2),
    ((performance.now() - t) / 1000).toFixed(1),
    's',
  );
  const c = checkedSchedule(derived.night);
  t = performance.now();
  const j = judgeCurve(
    derived.night,
    { time: [0, 3600, 3600 + 7200, 3600 + 7200 + 3600 * 4], temperature: [505, 505, 250, 30] },
    3600,
    { uneven: 100, soakEnds: 3600 },
  );
  console.log('judge', j.verdict, ((performance.now() - t) / 1000).toFixed(1), 's');
}
