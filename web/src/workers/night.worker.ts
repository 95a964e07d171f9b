// The night worker: simulations away from the page.
import {
  ARRIVES_UNEVEN,
  checkedSchedule,
  judgeCurve,
  loadNight,
  nightMargins,
  planWeek,
  putInBox,
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
      const outcome = putInBox(q.input, curve, q.input.box, {
        startUneven: ARRIVES_UNEVEN,
        soakEnds: first?.hold,
      });
      return { recipe: { outcome, curve } };
    }
    case 'judge':
      return { judged: judgeCurve(q.input, q.curve, q.from, q.start, q.load) };
    case 'week': {
      // Alike walls have alike nights in alike boxes: each is worked out once.
      const known = new Map<string, number>();
      const pieces = q.pieces.map((p) => ({
        ...p,
        nights: q.annealers.map(({ box }) => {
          const key = JSON.stringify([p.glass.id, p.wall, box]);
          const night =
            known.get(key) ??
            checkedSchedule({
              ...q.input,
              box,
              glass: p.glass,
              wall: p.wall,
              holdTemperature: p.glass.annealing,
            }).schedule.total.value;
          known.set(key, night);
          return night;
        }),
      }));
      return { week: planWeek(pieces, q.annealers) };
    }
    case 'margins':
      return { margins: nightMargins(q.input) };
    case 'load':
      return { load: loadNight(q.pieces, q.input) };
    case 'warm':
      return {
        warming: warming(q.input, q.input.box, q.from, q.input.holdTemperature),
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
