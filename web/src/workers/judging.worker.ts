// The judging worker: every colour of the rack against one base, away from the page.
import { judgeOverlays } from '@zanfirico/core';
import type { JudgeAnswer, JudgeRequest } from './judging';

self.onmessage = ({ data }: MessageEvent<{ id: number; request: JudgeRequest }>) => {
  const { colours, base, build, tolerance, tested } = data.request;
  const pairs = new Map(tested);
  let answer: JudgeAnswer;
  try {
    answer = {
      fits: judgeOverlays(colours, base, build, {
        tolerance,
        tested: (first, second) => (second === base.id ? pairs.get(first) : undefined),
      }),
    };
  } catch (error) {
    answer = { failed: error instanceof Error ? error.message : 'The rack could not be judged.' };
  }
  self.postMessage({ id: data.id, answer });
};
