// The six places of the house, in the order of the head.

export const PLACES = [
  { to: '/pieces', name: 'Pieces' },
  { to: '/rack', name: 'Rack' },
  { to: '/pot', name: 'Pot' },
  { to: '/bench', name: 'Bench' },
  { to: '/night', name: 'Night' },
  { to: '/log', name: 'Log' },
] as const;
