// The public face of the contract: schemas of what crosses the wire or lands in a file, and their types.
export * from './bit';
export * from './bundle';
export * from './clip';
export * from './decoration';
export * from './fileName';
export * from './format';
export * from './limits';
export * from './making';
export * from './order';
export * from './part';
export * from './piece';
export * from './pot';
export * from './rackEntry';
export * from './shop';
export * from './tags';
export * from './upgrade';
export * from './wire';
