// A pot to start from, until the shop says what it has.
import type { PotForm } from '@zanfirico/contract/pot';

/** A studio's pot, holding some 150 kg. From memory; every figure is the user's to change. m, °C, W, kg. */
export const ORDINARY_POT: {
  readonly id: string;
  readonly name: string;
  readonly glass: string;
  readonly form: PotForm;
  readonly working: number;
  readonly cooking: number;
  readonly power: number;
  readonly loses: number;
  readonly least: number;
} = {
  id: 'pot1',
  name: 'the pot',
  glass: 'soft-batch-96',
  form: { kind: 'bowl', diameter: 0.48, height: 0.42, ball: 0.3 },
  working: 1150,
  cooking: 1200,
  power: 22_000,
  loses: 9000,
  least: 25,
};
