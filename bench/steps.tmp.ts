import {
  checkedSchedule,
  derive,
  meshOfSection,
  NO_SHOP,
  ORDINARY_STANDING,
  realSectionOf,
  sectionNight,
  seesOf,
  SHIPPED_RACK,
} from '/work/main/core/src/index';
import { upgradePiece } from '/work/main/contract/src/index';
import { fromLastIn } from '/work/main/core/src/anneal/checked';
import { readFileSync, readdirSync } from 'node:fs';
const dir = '/work/main/server/src/demo/pieces/';
const f = '04-quay-goblet.1.json';
const document = upgradePiece(JSON.parse(readFileSync(dir + f, 'utf8'))) as any;
const glass = SHIPPED_RACK.glass(document.glass)!;
const derived = derive(document, glass, NO_SHOP) as any;
const section = realSectionOf(derived.parts, derived.bits)!;
const c = checkedSchedule(derived.night);
const mesh = meshOfSection(section, ORDINARY_STANDING);
const curve = fromLastIn(c.schedule);
const end = curve.time.at(-1)!;
const at: number[] = [];
sectionNight({
  mesh,
  glass,
  curve,
  sees: seesOf(section, ORDINARY_STANDING),
  startUneven: 100,
  countFrom: c.schedule.soak.value,
  onStep: (s) => {
    at.push(s * end);
    return true;
  },
});
console.log(
  'soak',
  c.schedule.soak.value,
  c.schedule.rows.map((r) => [r.name, r.start | 0, r.from | 0, r.to | 0]),
);
console.log(at.map((t) => t | 0).join(' '));
