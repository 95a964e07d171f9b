// A pot to start from, until the shop says what it has.
import type { PotDocument } from '@zanfirico/contract/shop';

/** A studio's pot, holding some 150 kg. From memory; every figure is the user's to change. m, °C, W, kg. */
export const ORDINARY_POT: PotDocument = {
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
