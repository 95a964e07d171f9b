// The face of this room: what a piece costs.
export {
  benchHour,
  cheaper,
  costOf,
  type Attempt,
  type Cheaper,
  type CostLine,
  type CostPart,
} from './cost';
export { pricesOf, type ShopPrices } from './ordinary';
