// The invented studio's controllers: stand-ins for its two annealers and its furnace, and four weeks of what was read from them.
import {
  ORDINARY_REGISTERS,
  STAND_IN,
  type DeviceDocument,
  type DeviceReading,
} from '@zanfirico/contract/boxes';
import { ORDINARY_SENSOR, SimulatedDevice } from '@zanfirico/core/boxes';
import { boxOf, STUDIO_BOX, type Box } from '@zanfirico/core/night';
import { ORDINARY_POT, ORDINARY_SHOP } from '@zanfirico/core/piece';
import type { StandIn } from '../boxes/standIns';
import type { DeviceStore } from '../boxes/deviceStore';

const [front, big] = ORDINARY_SHOP.annealers as readonly Annealer[] as readonly [
  Annealer,
  Annealer,
];
type Annealer = (typeof ORDINARY_SHOP.annealers)[number];
const HOUR = 3600;
const DAY = 86_400_000;

/** A furnace with its pot: what it loses at its heat gives its time constant. From memory. */
const FURNACE: Box = {
  ...STUDIO_BOX,
  climb: 150 / HOUR,
  power: ORDINARY_POT.power,
  capacity: 420e3,
  coolingTime: (420e3 * (ORDINARY_POT.working - STUDIO_BOX.room)) / ORDINARY_POT.loses,
  unevenness: 6,
};

/** What stands behind each unit. */
export const DEMO_STAND_INS: readonly StandIn[] = [
  { unit: 1, nature: { box: boxOf(front), ...ORDINARY_SENSOR }, from: STUDIO_BOX.room },
  { unit: 2, nature: { box: boxOf(big), ...ORDINARY_SENSOR }, from: STUDIO_BOX.room },
  {
    unit: 3,
    nature: { box: FURNACE, ...ORDINARY_SENSOR },
    from: ORDINARY_POT.working,
    stands: true,
  },
];

const device = (
  id: string,
  unit: number,
  kind: DeviceDocument['kind'],
  of: string,
): DeviceDocument => ({
  id,
  kind,
  of,
  host: STAND_IN,
  port: 502,
  unit,
  fahrenheit: false,
  every: 5,
  registers: ORDINARY_REGISTERS,
});

const DEMO_DEVICES: readonly DeviceDocument[] = [
  device('front', 1, 'annealer', front.name),
  device('big', 2, 'annealer', big.name),
  device('furnace', 3, 'furnace', ORDINARY_POT.id),
];

const DAYS = 28;
/** A reading so often, s. */
const EVERY = 600;

/** A night on every working day in the front box, every third in the big one; the furnace cooks on Sundays. °C. */
function month(now: number): (DeviceReading & { readonly device: string })[] {
  const from = now - DAYS * DAY;
  return DEMO_STAND_INS.flatMap(({ unit, nature, from: start, stands }) => {
    const id = DEMO_DEVICES.find((d) => d.unit === unit)?.id ?? '';
    const d = new SimulatedDevice(nature, start, unit);
    if (stands === true) d.standAt(start);
    const all: (DeviceReading & { readonly device: string })[] = [];
    for (let at = from; at < now - HOUR * 1000; at += EVERY * 1000) {
      const date = new Date(at);
      const first = date.getHours() === 9 && date.getMinutes() < EVERY / 60;
      const weekday = date.getDay() > 0 && date.getDay() < 6;
      if (stands === true) {
        if (date.getDay() === 0 && date.getHours() === 18 && date.getMinutes() < EVERY / 60)
          d.standAt(ORDINARY_POT.cooking);
        if (date.getDay() === 1 && date.getHours() === 8 && date.getMinutes() < EVERY / 60)
          d.standAt(ORDINARY_POT.working);
      } else if (first && weekday && (unit === 1 || date.getDate() % 3 === 0)) {
        d.programme([
          { to: 510, rate: 200 / HOUR, hold: 8 * HOUR },
          { to: 430, rate: 40 / HOUR },
          { to: 50, rate: 110 / HOUR },
        ]);
        d.start();
      }
      d.advance(EVERY);
      const { temperature, lower, setPoint, output, state } = d.told();
      all.push({ device: id, at: at + EVERY * 1000, temperature, lower, setPoint, output, state });
    }
    return all;
  });
}

/** Puts them where there is no device yet. */
export async function demoDevices(store: DeviceStore, now: number): Promise<void> {
  if ((await store.devices()).length > 0) return;
  for (const d of DEMO_DEVICES) await store.keep(d);
  await store.add(month(now));
}
