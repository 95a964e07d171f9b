// The face of this room: rod and tubing.
export { cutList, type StockCut, type CutList } from './cutList';
export {
  bubbleGlass,
  bubbleWall,
  cylinderGlass,
  discGlass,
  lengthForPull,
  pull,
  stockLength,
} from './moves';
export { hasBore, type StockPlan } from './stockPlan';
