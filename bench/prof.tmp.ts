import {
  checkedSchedule,
  derive,
  NO_SHOP,
  ORDINARY_STANDING,
  realSectionOf,
  SHIPPED_RACK,
  nightMargins,
} from '/work/main/core/src/index';
import { upgradePiece } from '/work/main/contract/src/index';
import { readFileSync, readdirSync } from 'node:fs';
const which = process.argv[2] ?? 'goblet';
const dir = '/work/main/server/src/demo/pieces/';
for (const f of readdirSync(dir).filter((f) => f.includes(which) && f.endsWith('.1.json'))) {
  const document = upgradePiece(JSON.parse(readFileSync(dir + f, 'utf8'))) as any;
  const glass = SHIPPED_RACK.glass(document.glass)!;
  const derived = derive(document, glass, NO_SHOP) as any;
  if (!derived.ok) {
    console.log(f, 'not ok');
    continue;
  }
  const section = realSectionOf(derived.parts, derived.bits);
  console.log(
    f,
    'uneven',
    derived.night.box.unevenness,
    section && JSON.stringify(section).length,
    section?.outlines.map((o) => o.r.length),
    section?.leavesOut,
  );
  if (!section) continue;
  const input = derived.night;
  const c0 = checkedSchedule({ ...input, drawn: undefined });
  let t = performance.now();

  t = performance.now();
  const c = checkedSchedule(input, {
    onSound: (s) =>
      console.log(
        '   sound',
        (s.total.value / 3600).toFixed(2),
        ((performance.now() - t) / 1000).toFixed(2) + ' s',
      ),
  });
  console.log(
    '  ',
    'search',
    ((performance.now() - t) / 1000).toFixed(2),
    's; walls',
    (c0.schedule.total.value / 3600).toFixed(2),
    'h, section',
    (c.schedule.total.value / 3600).toFixed(2),
    'h',
    'rounds',
    c.rounds,
    'holds',
    c.holds,
    'kept',
    (c.outcome.kept / 1e6).toFixed(3),
    c.outcome.section?.keeps.where,
    'passes',
    (c.outcome.worst.stress / 1e6).toFixed(2),
    c.outcome.worst.where,
    'slow',
    (c.schedule.slowRate.value * 3600).toFixed(0),
    'quick',
    (c.schedule.quickRate.value * 3600).toFixed(0),
    c.outcome.place,
    c.outcome.unmeshed,
  );
  if (process.argv[3]) {
    t = performance.now();
    const m = nightMargins(input, { checked: c });
    console.log('   margins', ((performance.now() - t) / 1000).toFixed(1));
    for (const x of m.margins) console.log('     ', x.name, x.used.toFixed(2), x.longer);
  }
}
