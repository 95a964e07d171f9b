// Rules of colour: how it comes up, goes on and stays apart. Common practice, no source, unless a rule says so.
import { tr } from '../../words/tr';
import { heats, kinds, never, rule, tell, without, type Rule } from './asking';

/** Rules of colour. */
export const COLOUR: readonly Rule[] = [
  rule(
    'bar-warm',
    () => tr`Colour bar and cane come up slowly before they are picked up.`,
    (q) =>
      without(q, kinds('pickColour', 'pickCane'), kinds('warmColour'), never).map((s) =>
        tell(
          s,
          'no',
          tr`Cold bar flies to pieces on hot glass.`,
          tr`Warm it in the colour kiln first.`,
        ),
      ),
  ),
  rule(
    'colour-heated',
    () => tr`Colour is heated in before it is worked.`,
    (q) =>
      q.steps
        .filter((s, i) => {
          if (!kinds('pickColour', 'rollColour', 'pickCane')(s)) return false;
          const next = q.steps.slice(i + 1).find((t) => t.part === s.part);
          return next !== undefined && !heats(next) && !kinds('rollColour')(next);
        })
        .map((s) =>
          tell(
            s,
            'watch',
            tr`It is only stuck on: tools pull it off.`,
            tr`Heat it in before the next step.`,
          ),
        ),
  ),
  rule(
    'leaf-untouched',
    () => tr`Leaf is not rolled twice.`,
    (q) =>
      q.steps
        .filter((s, i) => {
          if (s.kind !== 'leaf') return false;
          const next = q.steps.slice(i + 1).find((t) => t.part === s.part && !heats(t));
          return next !== undefined && kinds('marver', 'block', 'leaf')(next);
        })
        .map((s) =>
          tell(
            s,
            'watch',
            tr`What touches leaf next tears it.`,
            tr`Gather over it, or shape without touching.`,
          ),
        ),
  ),
  rule(
    'scrap-apart',
    () => tr`Coloured scrap stays out of the clean bucket.`,
    ({ steps, parts, way }) =>
      way === 'furnace' &&
      parts.some((p) => p.coloured) &&
      steps.some((s) => s.kind === 'trim') &&
      !steps.some((s) => s.kind === 'scrap')
        ? [
            tell(
              undefined,
              'watch',
              tr`Coloured trimmings fall and nobody takes them away: one in the clean bucket spoils it.`,
              tr`Add a step: scrap away, coloured apart.`,
            ),
          ]
        : [],
  ),
];
