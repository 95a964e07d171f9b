// The face of this room: its schemas and their types.
export * from './bit';
export * from './clip';
export * from './decoration';
export * from './part';
export * from './piece';
export * from './tags';
export * from './upgrade';
