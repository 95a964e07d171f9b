// The six places of the house, in the order of the head.

import { tr } from '@zanfirico/core/words';
/** The places in the head, in order. */
export const PLACES = [
  { to: '/pieces', name: tr`Pieces` },
  { to: '/rack', name: tr`Rack` },
  { to: '/pot', name: tr`Pot` },
  { to: '/bench', name: tr`Bench` },
  { to: '/night', name: tr`Night` },
  { to: '/log', name: tr`Log` },
] as const;

/** What a screen has that only looks. */
export const WALLS = [
  { to: '/wall/boxes', name: tr`Boxes` },
  { to: '/wall/bench', name: tr`Being made` },
  { to: '/wall/class', name: tr`Class` },
] as const;
