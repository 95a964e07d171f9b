// What things cost until the shop says what it pays. From memory; every figure is the user's to change.
import type { Prices } from './cost';

/** A shop's prices and ways of counting, each as it said, or ordinary. */
export interface ShopPrices extends Prices {
  /** The glory hole or torch, W. */
  readonly burns: number;
  /** Of what is cut off clear, the share that goes back into the pot. */
  readonly returned: number;
  /** Of what is asked. */
  readonly margin: number;
  readonly furnaceBy: 'kilograms' | 'hours';
  readonly hoursAMonth: number;
  readonly kilogramsAMonth: number;
  readonly money: string;
}

const ORDINARY: ShopPrices = {
  hour: 40,
  helper: 20,
  glass: 3,
  colour: 60,
  kwh: 0.2,
  consumables: 1,
  burns: 25_000,
  returned: 0.6,
  margin: 0.4,
  furnaceBy: 'kilograms',
  hoursAMonth: 120,
  kilogramsAMonth: 200,
  money: '',
};

/** What a shop pays, ordinary where it does not say. */
export const pricesOf = (
  said: { readonly [K in keyof ShopPrices]?: ShopPrices[K] | undefined } | undefined,
): ShopPrices =>
  Object.fromEntries(
    Object.entries(ORDINARY).map(([k, ordinary]) => [k, said?.[k as keyof ShopPrices] ?? ordinary]),
  ) as unknown as ShopPrices;
