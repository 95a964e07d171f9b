// The six places of the house, in the order of the head.

export const PLACES = [
  { to: '/pieces', name: 'Pieces' },
  { to: '/rack', name: 'Rack' },
  { to: '/pot', name: 'Pot' },
  { to: '/bench', name: 'Bench' },
  { to: '/night', name: 'Night' },
  { to: '/log', name: 'Log' },
] as const;

/** What a screen has that only looks. */
export const WALLS = [
  { to: '/wall/boxes', name: 'Boxes' },
  { to: '/wall/bench', name: 'Being made' },
  { to: '/wall/class', name: 'Class' },
] as const;
