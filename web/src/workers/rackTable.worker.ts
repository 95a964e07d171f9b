// The table worker: reads a rack table away from the page, however long it is.
import { rackFromCsv } from '../imports/rackFromCsv';
import type { TableAnswer } from './rackTable';

self.onmessage = ({ data }: MessageEvent<{ id: number; request: string }>) => {
  let answer: TableAnswer;
  try {
    answer = { table: rackFromCsv(data.request) };
  } catch (error) {
    answer = { failed: error instanceof Error ? error.message : 'The table could not be read.' };
  }
  self.postMessage({ id: data.id, answer });
};
