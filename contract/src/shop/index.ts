// The face of this room: its schemas and their types.
export * from './shop';
export * from './pot';
