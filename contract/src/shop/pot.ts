// A pot as the shop has it.
import { Type } from '@sinclair/typebox';
import { LIMITS } from '../limits';
import { glassId, number, ownId, shopName, strict, type Kept } from '../words';

const size = () => number(LIMITS.potSize, 'm');

/** A pot: what stands in it, its inside, how it is heated. */
export const PotSchema = Type.Object(
  {
    id: ownId('what its entries call it'),
    name: shopName(),
    glass: glassId(),
    form: Type.Union([
      Type.Object({ kind: Type.Literal('cylinder'), diameter: size(), height: size() }, strict),
      Type.Object(
        { kind: Type.Literal('cone'), bottom: size(), diameter: size(), height: size() },
        strict,
      ),
      Type.Object(
        {
          kind: Type.Literal('bowl'),
          diameter: size(),
          height: size(),
          ball: number(LIMITS.potSize, 'radius of the ball its bottom is of, m'),
        },
        strict,
      ),
    ]),
    working: number(LIMITS.potTemperature, 'gathered from, °C'),
    cooking: number(LIMITS.potTemperature, 'a charge is cooked at, °C'),
    power: number(LIMITS.furnacePower, 'the furnace can give, W'),
    loses: number(LIMITS.furnacePower, 'it loses at that heat, W'),
    least: number(LIMITS.charge, 'under so much it cannot be gathered from well, kg'),
  },
  strict,
);
/** A pot as the shop keeps it. */
export type PotDocument = Kept<typeof PotSchema>;

/** A pot’s inside: straight-sided, wider towards its mouth, or on a round bottom that is part of a ball. m. */
export type PotForm = PotDocument['form'];
