// Asking the server about classes and what was made in them.
import type { ClassDocument } from '@zanfirico/contract/class';
import type { ClassMaking } from '@zanfirico/contract/making';
import { call } from '../api/client';

/** By name. */
export const readClasses = (): Promise<ClassDocument[]> => call('/classes');

/** A class, whole. */
export const readClass = (id: string): Promise<ClassDocument> => call(`/classes/${id}`);

/** A class kept as a whole. */
export const keepClass = (given: ClassDocument): Promise<ClassDocument> =>
  call(`/classes/${given.id}`, 'PUT', JSON.stringify(given));

/** A class taken away; what was made in it stays. */
export const dropClass = (id: string): Promise<unknown> => call(`/classes/${id}`, 'DELETE');

/** What was made and rehearsed in it, the newest first. */
export const readClassMakings = (id: string): Promise<ClassMaking[]> =>
  call(`/classes/${id}/makings`);
