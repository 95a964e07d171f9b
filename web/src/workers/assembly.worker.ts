// The assembly worker: every order of assembly drafted, heated and judged; what is found is told as it comes.
import { assemblyOrders, assess, type Assembly } from '@zanfirico/core';
import type { AssemblyRequest } from './assembly';

self.onmessage = ({ data: { input, parts } }: MessageEvent<AssemblyRequest>) => {
  try {
    const orders = assemblyOrders(input.parts.length, input.joins, input.main);
    const found: Assembly[] = [];
    for (const order of orders) {
      found.push(assess(input, parts, order));
      found.sort((a, b) => a.risk - b.risk);
      self.postMessage({ progress: { found: [...found], of: orders.length } });
    }
    self.postMessage({ result: { found, of: orders.length } });
  } catch (error) {
    self.postMessage({
      failed: error instanceof Error ? error.message : 'The orders could not be compared.',
    });
  }
};
