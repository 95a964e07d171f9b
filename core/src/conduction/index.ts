// The face of this room: the heat solver.
export { type Body, exchangeAt, filledWith, heatStep, latticeOf } from './lattice';
