// The face of this room: what a piece costs.
export {
  attemptsFor,
  benchHour,
  cheaper,
  costOf,
  type Attempt,
  type Cheaper,
  type CostLine,
  type CostPart,
} from './cost';
export { pricesOf, type ShopPrices } from './ordinary';
export { givenBack, takesOf, type Takes } from './takes';
