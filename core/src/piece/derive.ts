// Everything a piece's own numbers imply: form, glass, gathers or stock, order of work, tonight. Nothing here is stored.
import { STUDIO_BOX } from '../anneal/box';
import type { Practice } from '../anneal/practice';
import { annealingSchedule, type Schedule } from '../anneal/schedule';
import { planGathers, type GatherPlan } from '../gather/plan';
import type { Glass } from '../glass/glass';
import { draftOrder, type OrderedStep, type Way } from '../sequence/order';
import type { ShapeProblem } from '../shape/check';
import type { Tube } from '../shape/conserve';
import type { OuterLine } from '../shape/curve';
import type { Form } from '../shape/forms';
import { measureShape, type Shape } from '../shape/measure';
import type { Profile } from '../shape/profile';
import { holdingSeconds } from './clock';
import { readings, type Readings } from './readings';
import { hasBore, planStock, type StockPlan } from './stock';

/** What the core needs of a piece document. Lengths m, °C, s. */
export interface PieceInput {
  readonly form: Form;
  readonly way: Way;
  readonly parts: readonly { readonly profile: Profile }[];
  readonly making: {
    readonly potTemperature: number;
    readonly ironDiameter: number;
    readonly dipDepth: number;
    readonly allowance: number;
    readonly tube: Tube;
  };
  readonly firing: {
    readonly practice: Practice;
    /** °C, or null for the glass's annealing point. */
    readonly holdTemperature: number | null;
    readonly firstIn: string;
    readonly lastIn: string;
    readonly boxCoolingTime: number;
    readonly doorTemperature: number;
  };
}

/** Everything derived, or the problems of the drawing. */
export type Derived =
  | {
      readonly ok: true;
      readonly shape: Shape;
      readonly readings: Readings;
      readonly gathers: GatherPlan | undefined;
      readonly stock: StockPlan | undefined;
      readonly order: readonly OrderedStep[];
      readonly schedule: Schedule;
    }
  | {
      readonly ok: false;
      readonly problems: readonly ShapeProblem[];
      readonly outer: OuterLine | undefined;
    };

/** Derives it all. Pure, well under 2 ms for forty points: called on every move of a drag. */
export function derive(piece: PieceInput, glass: Glass): Derived {
  const part = piece.parts[0];
  const reading = measureShape(part?.profile ?? [], glass.poisson);
  if (!reading.ok) return reading;
  const { shape } = reading;
  const facts = readings(shape, glass);
  const { making, firing } = piece;
  const mass = facts.mass.value;
  const gathers =
    piece.way === 'furnace'
      ? planGathers({
          glass,
          mass,
          allowance: making.allowance,
          potTemperature: making.potTemperature,
          dip: { ironDiameter: making.ironDiameter, depth: making.dipDepth },
        })
      : undefined;
  const stock =
    piece.way === 'torch' && hasBore(making.tube)
      ? planStock(glass, shape.glassVolume, making.allowance, making.tube)
      : undefined;
  const oneSided = shape.opening === 'closed' || shape.opening === 'narrow';
  const schedule = annealingSchedule({
    glass,
    wall: {
      thickest: shape.thickest.wall,
      stepThick: shape.step.thick.wall,
      stepThin: shape.step.thin.wall,
      body: oneSided ? 'oneSided' : 'slab',
    },
    practice: firing.practice,
    holdTemperature: firing.holdTemperature ?? glass.annealing,
    doorTemperature: firing.doorTemperature,
    box: { ...STUDIO_BOX, coolingTime: firing.boxCoolingTime },
    holding: holdingSeconds(firing.firstIn, firing.lastIn),
  });
  return {
    ok: true,
    shape,
    readings: facts,
    gathers,
    stock,
    order: draftOrder({ form: piece.form, way: piece.way, gathers: gathers?.gathers.length ?? 0 }),
    schedule,
  };
}
