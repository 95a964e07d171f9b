// The placing worker: puts the heats where an order needs them, away from the page.
import { placeHeats } from '@zanfirico/core';
import type { PlaceRequest } from './placing';

self.onmessage = ({ data }: MessageEvent<PlaceRequest>) => {
  try {
    const placed = placeHeats(data.parts, data.steps, data.working);
    self.postMessage({ result: { ...placed, reasons: [...placed.reasons] } });
  } catch (error) {
    self.postMessage({
      failed: error instanceof Error ? error.message : 'The heats could not be placed.',
    });
  }
};
