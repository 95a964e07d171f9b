// Asking the server about orders.
import type { WantedDocument } from '@zanfirico/contract/orders';
import { call } from '../api/client';

/** Orders, the earliest due first. */
export const readWanted = (): Promise<WantedDocument[]> => call('/wanted');

/** An order of a customer's, kept as a whole. */
export const keepWanted = (wanted: WantedDocument): Promise<WantedDocument> =>
  call(`/wanted/${wanted.id}`, 'PUT', JSON.stringify(wanted));

/** An order taken away. */
export const dropWanted = (id: string): Promise<unknown> => call(`/wanted/${id}`, 'DELETE');
