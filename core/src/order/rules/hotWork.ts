// Rules of hot work: irons, gathers, breath, steel. Common practice, no source, unless a rule says so.
import { tr } from '../../words/tr';
import { factsOf, type WorkStep } from '../../work/facts';
import { gathers, heats, kinds, never, rule, tell, without, type Rule } from './asking';

/** Rules of hot work, from the first gather on. */
export const HOT_WORK: readonly Rule[] = [
  rule(
    'warm-iron',
    () => tr`Cold iron does not take glass.`,
    (q) =>
      without(q, kinds('gather', 'pickLength'), kinds('warmIron', 'gather'), never).map((s) =>
        tell(
          s,
          'no',
          tr`The iron was not warmed: cold iron does not take glass.`,
          tr`Warm the iron first.`,
        ),
      ),
  ),
  rule(
    'bubble-set',
    () => tr`Let the bubble set before the next gather, or it moves.`,
    (q) =>
      without(
        q,
        (s) => s.kind === 'gather' && q.parts[s.part]?.hollow === true,
        (t) => kinds('setBubble', 'warmIron')(t),
        (t) => t.kind === 'gather' || t.kind === 'bubble',
      )
        .filter((s) =>
          q.steps.some(
            (t) =>
              t.part === s.part && t.kind === 'bubble' && q.steps.indexOf(t) < q.steps.indexOf(s),
          ),
        )
        .map((s) =>
          tell(
            s,
            'no',
            tr`The bubble has not set: the gather moves it.`,
            tr`Let it set before this gather.`,
          ),
        ),
  ),
  rule(
    'tip-chilled',
    () => tr`Hot goes thin: chill the tip before blowing.`,
    (q) =>
      without(q, kinds('blow'), kinds('chillTip'), never).map((s) =>
        tell(
          s,
          'watch',
          tr`The tip is hottest and blows out first.`,
          tr`Chill the tip before blowing.`,
        ),
      ),
  ),
  rule(
    'no-breath-in-solid',
    () => tr`Nobody blows into a solid part.`,
    (q) =>
      q.steps
        .filter((s) => kinds('blow', 'bubble')(s) && q.parts[s.part]?.hollow === false)
        .map((s) =>
          tell(s, 'no', tr`This part is solid: there is nothing to blow.`, tr`Shape it instead.`),
        ),
  ),
  rule(
    'no-breath-through-punty',
    () => tr`Nobody blows through a solid iron.`,
    (q) =>
      q.steps
        .filter(
          (s, i) =>
            kinds('blow', 'bubble')(s) &&
            q.steps.some((t, k) => k < i && t.kind === 'transfer' && t.part === s.part),
        )
        .map((s) =>
          tell(
            s,
            'no',
            tr`It is on the punty: a solid iron lets no breath through.`,
            tr`Steam it, or puff through a cone.`,
          ),
        ),
  ),
  rule(
    'steel-then-heat',
    () => tr`Steel takes heat fast: a heat follows the marver.`,
    (q) =>
      q.steps
        .filter((s, i) => {
          if (!kinds('marver', 'leaf')(s)) return false;
          const next = q.steps.slice(i + 1, i + 7).filter((t) => t.part === s.part);
          return !next.some(
            (t) =>
              heats(t) ||
              gathers(t) ||
              t.kind === 'bubble' ||
              t.kind === 'blow' ||
              t.kind === 'shapeSolid',
          );
        })
        .map((s) =>
          tell(
            s,
            'watch',
            tr`The steel has taken its heat and nothing gives it back.`,
            tr`Put a heat after it.`,
          ),
        ),
  ),
  rule(
    'pair-second-larger',
    () => tr`Of a pair the second is made a little larger.`,
    ({ steps }) => {
      const named = new Map<string, WorkStep[]>();
      for (const s of steps)
        if (kinds('handle', 'addBit', 'hook', 'weld')(s) && s.name !== undefined)
          named.set(s.name, [...(named.get(s.name) ?? []), s]);
      return [...named.values()].flatMap((all) => {
        const second = all[1];
        return second && second.note === undefined
          ? [
              tell(
                second,
                'watch',
                tr`The second of a pair shows every difference.`,
                tr`Make it a little larger than the first: taking away is easier.`,
              ),
            ]
          : [];
      });
    },
  ),
  rule(
    'soft-rod-warm',
    () => tr`Soft rod never goes cold into the flame.`,
    (q) =>
      without(
        q,
        (s) => factsOf(s).heat === 'flame' && q.parts[s.part]?.family === 'soft',
        kinds('warmRod', 'kilnFetch'),
        never,
      )
        .filter((s, i, all) => all.findIndex((t) => t.part === s.part) === i)
        .map((s) =>
          tell(
            s,
            'no',
            tr`Soft glass flies when it goes cold into the flame.`,
            tr`Warm it slowly at the edge, or bring it out of a kiln.`,
          ),
        ),
  ),
  rule(
    'gather-on-pipe',
    () => tr`Nothing is gathered over once it is on the punty.`,
    (q) =>
      q.steps
        .filter(
          (s, i) =>
            s.kind === 'gather' &&
            q.steps.some((t, k) => k < i && t.part === s.part && factsOf(t).does === 'transfer'),
        )
        .map((s) =>
          tell(
            s,
            'no',
            tr`On the punty its mouth is open: a gather drowns it.`,
            tr`Gather before the transfer.`,
          ),
        ),
  ),
];
