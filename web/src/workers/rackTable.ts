// Asking the table worker.
import type { RackTable } from '../imports/rackFromCsv';
import { asker } from './asking';

export type TableAnswer = { readonly table: RackTable } | { readonly failed: string };

const ask = asker<string, TableAnswer>(
  () => new Worker(new URL('./rackTable.worker.ts', import.meta.url), { type: 'module' }),
  { failed: 'The table could not be read: its worker stopped.' },
);

/** Reads a rack table; throws a sentence for what is none. */
export async function readRackTable(text: string): Promise<RackTable> {
  const answer = await ask(text);
  if ('failed' in answer) throw new Error(answer.failed);
  return answer.table;
}
