// Asking the server what happened to the pots.
import type { PotEventDocument } from '@zanfirico/contract/pot';
import { call } from '../api/client';

/** What happened to the pots, the oldest first. */
export const readPotEvents = (): Promise<PotEventDocument[]> => call('/pots/events');

/** These happened to pots: sent again they are kept once. */
export const sendPotEvents = (events: readonly PotEventDocument[]): Promise<unknown> =>
  call('/pots/events', 'POST', JSON.stringify({ events }));
