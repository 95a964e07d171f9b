// The worker that searches for the shortest sound night; the best so far is told on the way.
import { shortestNight, type ScheduleInput } from '@zanfirico/core';

self.onmessage = ({ data }: MessageEvent<ScheduleInput>) => {
  try {
    const result = shortestNight(data, {
      onBest: (progress) => {
        self.postMessage({ progress });
      },
    });
    self.postMessage({ result });
  } catch (error) {
    self.postMessage({
      failed: error instanceof Error ? error.message : 'The search failed.',
    });
  }
};
