// Rules of parts and joins. Common practice, no source, unless a rule says so.
import { tr } from '../../words/tr';
import { begins, factsOf, type WorkStep } from '../../work/facts';
import { areOne, eachApart, unite } from '../../work/joined';
import { heats, doesJoin, kinds, rule, tell, without, type Finding, type Rule } from './asking';

/** In the kiln: cold glass that becomes it. */
const laid = kinds('layUp', 'fillMould');

/** Rules of joins and bits. */
export const JOINING: readonly Rule[] = [
  rule(
    'part-made',
    () => tr`Every part is made.`,
    ({ steps, parts }) =>
      parts.flatMap((p, i) =>
        steps.some((s) => s.part === i && (begins(s) || laid(s)))
          ? []
          : [
              tell(
                undefined,
                'no',
                tr`The ${p.name} is never begun.`,
                tr`Add its gather, its rod or tube at the torch, or in the kiln what is laid up.`,
              ),
            ],
      ),
  ),
  rule(
    'length-cut',
    () => tr`A length is cut from the tube before it is picked up.`,
    ({ steps }) =>
      steps
        .filter((s, i) => s.kind === 'pickLength' && !steps.slice(0, i).some(kinds('cutLengths')))
        .map((s) =>
          tell(
            s,
            'no',
            tr`No tube has been cut yet.`,
            tr`Cut the tube in lengths first, or gather.`,
          ),
        ),
  ),
  rule(
    'part-joined',
    () => tr`Every part is joined, or goes into the box by itself.`,
    (q) =>
      q.parts.flatMap((p, i) => {
        if (i === q.main) return [];
        const mine = q.steps.filter((s) => s.part === i);
        return mine.length === 0 || mine.some((s) => doesJoin(s) || factsOf(s).does === 'box')
          ? []
          : [
              tell(
                mine[mine.length - 1],
                'no',
                tr`The ${p.name} is made and then left.`,
                tr`Join it, or put it into the box.`,
              ),
            ];
      }),
  ),
  rule(
    'join-order',
    () => tr`Both are there before they are joined, and once is enough.`,
    ({ steps, parts }) => {
      const begun = new Set<number>();
      const groups = eachApart(parts.length);
      const found: Omit<Finding, 'rule'>[] = [];
      for (const s of steps) {
        if (begins(s)) begun.add(s.part);
        if (!doesJoin(s)) continue;
        if (s.to === undefined || s.to === s.part || !parts[s.to]) {
          if (s.kind !== 'weld')
            found.push(
              tell(s, 'no', tr`It does not say what it is joined to.`, tr`Choose the other part.`),
            );
          continue;
        }
        if (!begun.has(s.part) || !begun.has(s.to))
          found.push(
            tell(
              s,
              'no',
              tr`The ${parts[begun.has(s.part) ? s.to : s.part]?.name ?? tr`part`} is not there yet.`,
              tr`Make it before the join.`,
            ),
          );
        if (areOne(groups, s.part, s.to))
          found.push(
            tell(
              s,
              'no',
              tr`These two are one piece already: the joins go round in a circle.`,
              tr`Take one of the joins out.`,
            ),
          );
        unite(groups, s.part, s.to);
      }
      return found;
    },
  ),
  rule(
    'step-has-part',
    () => tr`Every step has a part.`,
    ({ steps, parts }) =>
      steps
        .filter((s) => !parts[s.part])
        .map((s) =>
          tell(
            s,
            'no',
            tr`It belongs to no part of the piece.`,
            tr`Choose a part for it, or take it out.`,
          ),
        ),
  ),
  rule(
    'says-where',
    () => tr`A weld, a stamp, a hole or a ridge says where.`,
    ({ steps, parts }) =>
      steps
        .filter(
          (s) =>
            (parts[s.part] !== undefined &&
              kinds('stampTorch', 'blowHole', 'maria')(s) &&
              s.zone === undefined) ||
            (kinds('weld', 'hook')(s) && s.to === undefined && s.zone === undefined),
        )
        .filter((s) => s.name === undefined && s.note === undefined)
        .map((s) =>
          tell(
            s,
            'watch',
            tr`It does not say where on the piece: two hands read two places.`,
            tr`Choose the end it is at, name what is joined there, or write the height.`,
          ),
        ),
  ),
  rule(
    'out-of-garage',
    () => tr`What waits in the garage is fetched before it is joined.`,
    (q) =>
      without(
        q,
        (s) => doesJoin(s) && q.steps.some((t) => t.part === s.part && factsOf(t).does === 'park'),
        (t) => factsOf(t).does === 'fetch',
        (t) => factsOf(t).does === 'park',
      ).map((s) => tell(s, 'no', tr`It is still in the garage.`, tr`Fetch it first.`)),
  ),
  rule(
    'fetched-then-heated',
    () => tr`Out of the garage, into the fire, then to the join.`,
    (q) =>
      without(
        q,
        (s) => doesJoin(s) && q.steps.some((t) => t.part === s.part && t.kind === 'fetch'),
        heats,
        (t) => t.kind === 'fetch',
      ).map((s) =>
        tell(
          s,
          'watch',
          tr`Garage heat is under working heat: the face will not take.`,
          tr`Heat it after fetching.`,
        ),
      ),
  ),
  rule(
    'straight',
    () => tr`Straight is checked before the next part goes on.`,
    ({ steps }) => {
      const found: Omit<Finding, 'rule'>[] = [];
      let open: WorkStep | undefined;
      for (const s of steps) {
        if (s.kind === 'straight') open = undefined;
        if (s.kind !== 'attach' && s.kind !== 'punty') continue;
        if (open && s.kind === 'attach')
          found.push(
            tell(
              open,
              'watch',
              tr`The next part goes on before anyone has looked whether this is straight.`,
              tr`Check from several sides before it sets.`,
            ),
          );
        open = s.kind === 'attach' ? s : undefined;
      }
      return found;
    },
  ),
  rule(
    'one-family',
    () => tr`Soft and hard glass never join.`,
    ({ steps, parts }) =>
      steps
        .filter(
          (s) =>
            doesJoin(s) &&
            s.to !== undefined &&
            parts[s.to] &&
            parts[s.part] &&
            parts[s.to]?.family !== parts[s.part]?.family,
        )
        .map((s) =>
          tell(
            s,
            'no',
            tr`One is soft glass, the other hard: they never join.`,
            tr`Make both of one family.`,
          ),
        ),
  ),
  rule(
    'last-join-warm',
    () => tr`While the last bit sets, the foot is kept warm.`,
    (q) => {
      const last = [...q.steps].reverse().find((s) => s.kind === 'attach');
      if (!last || q.steps.filter((s) => s.kind === 'attach').length < 3) return [];
      const i = q.steps.indexOf(last);
      const near = q.steps.slice(Math.max(0, i - 12), i).some((s) => heats(s));
      return near
        ? []
        : [
            tell(
              last,
              'watch',
              tr`The last join is the hardest: what hangs there goes cold while the bit sets.`,
              tr`Flash it just before, and keep a hand torch on it.`,
            ),
          ];
    },
  ),
];
