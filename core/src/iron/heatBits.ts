// Bits as heat sees them: lumps that come at their own temperature onto a wall that has another, and hang there by their contact.
import type { Glass } from '../glass/glass';
import { cellScratch, conduct, meanOf, SHUT, type SkinLaw } from '../conduction/cells';
import type { HeatPlace } from '../work/heatPlace';
import { setLaw, surroundings, type Fires } from './surroundings';
import { bitZone, CELLS, HOT_CONDUCTIVITY, type HeatZone } from './zones';

/** A bit of a part, as it will be. SI; `mass` of one of its copies. */
export interface HeatBit {
  readonly name: string;
  readonly mass: number;
  readonly thickness: number;
  readonly copies: number;
  /** Where one copy touches its wall, m². */
  readonly contact: number;
  /** The zone of its part it comes onto, from the base up. */
  readonly at: number;
}

/** A bit that hangs on its part. */
export interface LiveBit {
  readonly name: string;
  readonly zone: HeatZone;
  readonly cells: Float64Array;
  /** The zone of its part it hangs on. */
  readonly on: number;
  readonly copies: number;
  readonly contact: number;
  /** A sharp inner corner all round it, until it is melted in. */
  notch: boolean;
}

/** A bit nobody drew: a dab of some grams. Common practice, no source. */
export const ANY_BIT = { mass: 0.02, thickness: 0.015, copies: 1, contact: 1.8e-4 } as const;

/** Seconds from the pot to the bench: shaped on the marver on the way. Common practice, no source. */
const CARRIED = 12;
/** What one copy passes through its contact, W/K: half its own thickness deep. */
export const hangsOn = ({ zone, contact }: Pick<LiveBit, 'zone' | 'contact'>): number =>
  (HOT_CONDUCTIVITY * contact) / (zone.stand.wall / 2);

/** A bit that waited in the garage is flashed for so long on its way, s. Common practice, no source. */
const FLASHED = 15;

/** A bit as it comes to the bench: pot-hot, or out of the garage and flashed; a skin of the way on it. */
export function brought(
  bit: Pick<HeatBit, 'mass' | 'thickness'>,
  glass: Glass,
  fires: Fires,
  from: 'pot' | 'garage' = 'pot',
): { readonly zone: HeatZone; readonly cells: Float64Array } {
  const zone = bitZone(bit.mass, bit.thickness, glass);
  const cells = new Float64Array(zone.grid.cells).fill(fires[from]);
  const scratch = cellScratch(CELLS);
  const law: SkinLaw = { at: 0, loss: 0, slope: 0 };
  const stay = (place: HeatPlace, seconds: number): void => {
    const around = surroundings(place, fires);
    for (let s = 0; s < seconds; s += 1) {
      setLaw(law, skinTemperature(cells), zone.emissivity, around, 1);
      conduct(zone.grid, scratch, cells, 1, law, SHUT, 0);
    }
  };
  if (from === 'garage') stay('glory hole', FLASHED);
  stay('bench', CARRIED);
  return { zone, cells };
}

/**
 * Where two bodies of glass meet, in the first instant, °C: half-spaces at their own temperatures (Carslaw & Jaeger, Conduction of
 * Heat in Solids, 2.9). `effusivity` √(kρc) of each; alike where left out, and then it is their mean.
 */
export const contactTemperature = (
  a: number,
  b: number,
  effusivity: readonly [number, number] = [1, 1],
): number => (effusivity[0] * a + effusivity[1] * b) / (effusivity[0] + effusivity[1]);

/** Mean heat of a bit that hangs, °C. */
export const bitMean = (b: LiveBit): number => meanOf(b.zone.grid, b.cells);

/** A skin's temperature, °C: its outermost cell. */
export const skinTemperature = (cells: Float64Array): number => cells[cells.length - 1] as number;
