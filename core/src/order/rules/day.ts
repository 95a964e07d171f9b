// Rules of the day: times, the box, the torch, who is there. Common practice, no source, unless a rule says so.
import type { Skill } from '@zanfirico/contract/order';
import { tr } from '../../words/tr';
import { factsOf } from '../../work/facts';
import { kinds, never, ofGroup, rule, tell, without, type Rule } from './asking';

/** A step takes so long at most, s. */
const LONGEST = 4 * 3600;

/** Rules of the day: who is there, what is ready. */
export const DAY: readonly Rule[] = [
  rule(
    'time-real',
    () => tr`Every step takes a time one can stand at the bench.`,
    ({ steps }) =>
      steps
        .filter((s) => !(s.seconds > 0) || s.seconds > LONGEST)
        .map((s) =>
          tell(
            s,
            s.seconds > LONGEST ? 'watch' : 'no',
            s.seconds > LONGEST ? tr`It takes more than four hours.` : tr`It takes no time at all.`,
            tr`Give it the seconds it takes.`,
          ),
        ),
  ),
  rule(
    'box-last',
    () => tr`Everything ends in the box.`,
    (q) =>
      q.parts.flatMap((p, i) => {
        const group = ofGroup(q, i);
        return group.length === 0 || group.some(({ s }) => factsOf(s).does === 'box')
          ? []
          : [
              tell(
                group[group.length - 1]?.s,
                'no',
                tr`The ${p.name} never reaches the box: it cracks on the bench.`,
                tr`End with: into the box.`,
              ),
            ];
      }),
  ),
  rule(
    'nothing-after-box',
    () => tr`Nothing is worked that is in the box.`,
    (q) =>
      q.steps
        .filter(
          (s, i) =>
            // Scrap, and grinding once it is cold, come after.
            factsOf(s).off !== 'after' &&
            q.steps.some((t, k) => k < i && t.part === s.part && factsOf(t).does === 'box'),
        )
        .map((s) =>
          tell(s, 'no', tr`It is in the box already.`, tr`Move this step before the box.`),
        ),
  ),
  rule(
    'torch-lit',
    () => tr`The torch is lit before and closed after.`,
    ({ steps, way }) => {
      if (way !== 'torch') return [];
      const first = steps.findIndex((s) => factsOf(s).heat === 'flame');
      const on = steps.findIndex((s) => s.kind === 'torchOn');
      const off = steps.findIndex((s) => s.kind === 'torchOff');
      return [
        ...(first >= 0 && (on < 0 || on > first)
          ? [
              tell(
                steps[first],
                'no' as const,
                tr`The torch is not lit yet.`,
                tr`Light it first, as its maker says.`,
              ),
            ]
          : []),
        ...(off < 0 && on >= 0
          ? [
              tell(
                undefined,
                'watch' as const,
                tr`The torch is left burning.`,
                tr`Close it down as its maker says.`,
              ),
            ]
          : []),
      ];
    },
  ),
  rule(
    'flame-annealed',
    () => tr`At the torch the whole piece is evened in a soft flame before it leaves the hand.`,
    (q) =>
      q.way === 'torch'
        ? without(q, kinds('box'), kinds('flameAnneal'), never).map((s) =>
            tell(
              s,
              'watch',
              tr`It goes into the box with its strains from the flame.`,
              tr`Flame-anneal the whole piece first.`,
            ),
          )
        : [],
  ),
  rule(
    'someone-leads',
    () => tr`Someone there can lead.`,
    ({ skills, way, steps }) => {
      const wanted: Skill = way === 'torch' ? 'torch' : 'gaff';
      return skills && steps.length > 0 && !skills.has(wanted)
        ? [
            tell(
              undefined,
              'no',
              tr`Nobody of the crew can ${wanted === 'gaff' ? tr`lead at the bench` : tr`work the torch`}.`,
              tr`Give someone that skill, or call someone in.`,
            ),
          ]
        : [];
    },
  ),
];
