// The public face of the contract: schemas of what crosses the wire or lands in a file, and their types.
export * from './format';
export * from './piece';
export * from './rackEntry';
export * from './shop';
export * from './wire';
