// The night worker: simulations away from the page.
import {
  ARRIVES_UNEVEN,
  checkedSchedule,
  judgeCurve,
  loadNight,
  planWeek,
  putThrough,
  recipeCurve,
  warming,
} from '@zanfirico/core';
import type { NightAnswer, NightQuestion } from './night';

function answerTo(q: NightQuestion): NightAnswer {
  switch (q.kind) {
    case 'check':
      return { checked: checkedSchedule(q.input, q.picture === true) };
    case 'recipe': {
      const curve = recipeCurve(q.recipe, q.input.box);
      const [first] = q.recipe.lines;
      const outcome = putThrough(q.input, curve, {
        startUneven: ARRIVES_UNEVEN,
        soakEnds: first?.hold,
      });
      return { recipe: { outcome, curve } };
    }
    case 'judge':
      return { judged: judgeCurve(q.input, q.curve, q.from, q.start) };
    case 'week': {
      // Alike walls have alike nights: each is worked out once.
      const known = new Map<string, number>();
      const pieces = q.pieces.map((p) => {
        const key = JSON.stringify([p.glass.id, p.wall]);
        const hours =
          known.get(key) ??
          checkedSchedule({
            ...q.input,
            glass: p.glass,
            wall: p.wall,
            holdTemperature: p.glass.annealing,
          }).schedule.total.value;
        known.set(key, hours);
        return { ...p, hours };
      });
      return { week: planWeek(pieces, q.annealers) };
    }
    case 'load':
      return { load: loadNight(q.pieces, q.input) };
    case 'warm':
      return {
        warming: warming(q.input.glass, q.input.wall, q.input.box, q.from, q.input.holdTemperature),
      };
  }
}

self.onmessage = ({ data }: MessageEvent<{ id: number; request: NightQuestion }>) => {
  let answer: NightAnswer;
  try {
    answer = answerTo(data.request);
  } catch (error) {
    answer = {
      failed: error instanceof Error ? error.message : 'The night could not be calculated.',
    };
  }
  self.postMessage({ id: data.id, answer });
};
