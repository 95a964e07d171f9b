import {
  derive,
  NO_SHOP,
  SHIPPED_RACK,
  wouldHelp,
  whatHelps,
  checkedSchedule,
} from '/work/main/core/src/index';
import { upgradePiece } from '/work/main/contract/src/index';
import { readFileSync } from 'node:fs';
const dir = '/work/main/server/src/demo/pieces/';
for (const f of [
  '04-quay-goblet.1.json',
  '03-oil-cruet.1.json',
  '05-harbour-candlestick.1.json',
  '02-salt-cellar.1.json',
]) {
  const document = upgradePiece(JSON.parse(readFileSync(dir + f, 'utf8'))) as any;
  const glass = SHIPPED_RACK.glass(document.glass)!;
  const derived = derive(document, glass, NO_SHOP) as any;
  const c = checkedSchedule(derived.night);
  const ch = wouldHelp(document, derived.parts);
  let t = performance.now();
  const h = whatHelps(
    derived.night,
    c,
    ch.flatMap((x) => {
      const d = derive(x.piece as any, glass, NO_SHOP) as any;
      return d.ok ? [{ id: x.id, input: d.night }] : [];
    }),
  );
  console.log(
    f,
    (c.schedule.total.value / 3600).toFixed(2),
    ((performance.now() - t) / 1000).toFixed(1),
    's',
    h.map((x) => [
      ch.find((y) => y.id === x.id)!.says,
      (x.saves / 60) | 0,
      (x.kept / 1e6).toFixed(2),
    ]),
  );
  if (f.startsWith('04'))
    for (const x of ch.slice(0, 2)) {
      const d = derive(x.piece as any, glass, NO_SHOP) as any;
      console.log(
        '   true',
        x.says,
        ((c.schedule.total.value - checkedSchedule(d.night).schedule.total.value) / 60) | 0,
      );
    }
}
