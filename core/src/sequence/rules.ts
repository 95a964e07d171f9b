// The rules of good order, as data: each looks at a whole order and speaks where it is broken, with cause and remedy.
// Common practice, no source, unless a rule says so.
import type { Family } from '../glass/glass';
import type { Verdict } from '../units/why';
import { factsOf, type Skill, type WorkStep } from './facts';
import type { StepId, Way } from './step';

/** A part as rules ask for it. */
export interface RulePart {
  readonly name: string;
  readonly hollow: boolean;
  readonly stopper: boolean;
  readonly family: Family;
  /** Colour lies outside, under nothing clear. */
  readonly colourOutside: boolean;
  readonly coloured: boolean;
  /** Narrowest outer diameter at its top, m, and its iron's; for the neck. */
  readonly neck: number | undefined;
  readonly iron: number | undefined;
}

/** What rules look at. */
export interface RuleInput {
  readonly way: Way;
  readonly steps: readonly WorkStep[];
  readonly parts: readonly RulePart[];
  readonly main: number;
  /** Skills of everyone there is; undefined while no crew is named. */
  readonly skills: ReadonlySet<Skill> | undefined;
}

/** A rule broken at a step, or on the whole. */
export interface Finding {
  readonly rule: string;
  readonly step: string | undefined;
  readonly verdict: Exclude<Verdict, { verdict: 'good' }>;
}

/** One rule. */
export interface Rule {
  readonly id: string;
  /** As the shop says it. */
  readonly says: string;
  readonly check: (input: RuleInput) => readonly Omit<Finding, 'rule'>[];
}

type At = readonly Omit<Finding, 'rule'>[];
const tell = (
  step: WorkStep | undefined,
  verdict: 'watch' | 'no',
  because: string,
  remedy: string,
): Omit<Finding, 'rule'> => ({ step: step?.id, verdict: { verdict, because, remedy } });

const kinds =
  (...wanted: StepId[]) =>
  (s: WorkStep): boolean =>
    s.kind !== 'own' && wanted.includes(s.kind);
const heats = (s: WorkStep): boolean =>
  factsOf(s).does === 'heat' || kinds('spin', 'firePolish')(s) || factsOf(s).station === 'torch';
const gathers = (s: WorkStep): boolean => factsOf(s).does === 'gather';
const joins = (s: WorkStep): boolean => factsOf(s).does === 'join';

/** Steps of a part or of what it was joined to, with their places in the order. */
function ofGroup({ steps }: RuleInput, part: number): { s: WorkStep; i: number }[] {
  const group = new Set([part]);
  for (let grown = true; grown;) {
    grown = false;
    for (const s of steps)
      if (joins(s) && s.to !== undefined && group.has(s.part) && !group.has(s.to)) {
        group.add(s.to);
        grown = true;
      }
  }
  return steps.flatMap((s, i) => (group.has(s.part) ? [{ s, i }] : []));
}

/** Every step of a kind that does not have another kind before it (on its part, after `since`). */
function without(
  input: RuleInput,
  these: (s: WorkStep) => boolean,
  before: (s: WorkStep) => boolean,
  since: (s: WorkStep) => boolean,
  anyPart = false,
): WorkStep[] {
  const { steps } = input;
  return steps.filter((s, i) => {
    if (!these(s)) return false;
    for (let k = i - 1; k >= 0; k -= 1) {
      const t = steps[k] as WorkStep;
      if (!anyPart && t.part !== s.part) continue;
      if (before(t)) return false;
      if (since(t)) return true;
    }
    return true;
  });
}
const never = (): boolean => false;

/** Every step of a kind that has no other kind after it. */
function withoutAfter(
  input: RuleInput,
  these: (s: WorkStep) => boolean,
  after: (s: WorkStep) => boolean,
  until: (s: WorkStep) => boolean = never,
): WorkStep[] {
  const { steps } = input;
  return steps.filter((s, i) => {
    if (!these(s)) return false;
    for (let k = i + 1; k < steps.length; k += 1) {
      const t = steps[k] as WorkStep;
      if (after(t)) return false;
      if (until(t)) return true;
    }
    return true;
  });
}

const rule = (id: string, says: string, check: (input: RuleInput) => At): Rule => ({
  id,
  says,
  check,
});

/** A step takes so long at most, s. */
const DAY = 4 * 3600;

export const RULES: readonly Rule[] = [
  rule('warm-iron', 'Cold iron does not take glass.', (q) =>
    without(q, kinds('gather'), kinds('warmIron', 'gather'), never).map((s) =>
      tell(
        s,
        'no',
        'The iron was not warmed: cold iron does not take glass.',
        'Warm the iron first.',
      ),
    ),
  ),
  rule('bubble-set', 'Let the bubble set before the next gather, or it moves.', (q) =>
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
          'The bubble has not set: the gather moves it.',
          'Let it set before this gather.',
        ),
      ),
  ),
  rule('tip-chilled', 'Hot goes thin: chill the tip before blowing.', (q) =>
    without(q, kinds('blow'), kinds('chillTip'), never).map((s) =>
      tell(s, 'watch', 'The tip is hottest and blows out first.', 'Chill the tip before blowing.'),
    ),
  ),
  rule('no-breath-in-solid', 'Nobody blows into a solid part.', (q) =>
    q.steps
      .filter((s) => kinds('blow', 'bubble')(s) && q.parts[s.part]?.hollow === false)
      .map((s) =>
        tell(s, 'no', 'This part is solid: there is nothing to blow.', 'Shape it instead.'),
      ),
  ),
  rule('no-breath-through-punty', 'Nobody blows through a solid iron.', (q) =>
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
          'It is on the punty: a solid iron lets no breath through.',
          'Steam it, or puff through a cone.',
        ),
      ),
  ),
  rule('neck-first', 'The neck is jacked before the punty: it must break there.', (q) =>
    without(q, kinds('transfer'), kinds('neck'), never).map((s) =>
      tell(s, 'no', 'There is no neck to break at.', 'Jack the neck before the punty.'),
    ),
  ),
  rule('neck-thin', 'The neck is thinner than the pipe.', ({ parts, steps }) =>
    steps
      .filter((s) => s.kind === 'neck')
      .flatMap((s) => {
        const p = parts[s.part];
        return p?.neck !== undefined && p.iron !== undefined && p.neck > 2.2 * p.iron
          ? [
              tell(
                s,
                'watch',
                `The top of the ${p.name} is ${String(Math.round(p.neck * 1e3))} mm wide, the pipe ${String(Math.round(p.iron * 1e3))}: the neck has to be pulled in a long way.`,
                'Jack it in thinner than the pipe while it is hot, or take a wider pipe.',
              ),
            ]
          : [];
      }),
  ),
  rule('base-set', 'The base is set before the punty goes on.', (q) =>
    without(q, kinds('punty'), kinds('setBase'), (t) => kinds('foot', 'shapeBit')(t), true).map(
      (s) =>
        tell(
          s,
          'no',
          'The base has not set: it sags, or the punty marks it.',
          'Let the base set first.',
        ),
    ),
  ),
  rule('clear-button', 'All colour outside: a button of clear where the punty sticks.', (q) =>
    without(
      q,
      (s) => s.kind === 'punty' && q.parts[s.part]?.colourOutside === true,
      kinds('clearButton'),
      never,
    ).map((s) =>
      tell(
        s,
        'watch',
        'The punty goes on colour: its scar shows and will not polish out.',
        'Put a clear button there first.',
      ),
    ),
  ),
  rule('no-punty-on-decor', 'Never a punty on stamped, fumed or decorated ground.', ({ steps }) =>
    steps
      .filter(
        (s, i) =>
          s.kind === 'punty' &&
          steps.some((t, k) => k < i && t.part === s.part && kinds('leaf', 'fume', 'prunts')(t)),
      )
      .map((s) =>
        tell(
          s,
          'watch',
          'Its ground is decorated: a punty there cracks and cannot be polished off.',
          'Stick the punty where it is plain.',
        ),
      ),
  ),
  rule('punty-before-transfer', 'It hangs on the punty before it leaves the pipe.', (q) =>
    without(q, kinds('transfer'), kinds('punty'), never, true).map((s) =>
      tell(s, 'no', 'Nothing holds it: it falls when the neck is tapped.', 'Stick a punty first.'),
    ),
  ),
  rule('long-heat', 'Straight after the transfer the longest heat of the piece.', ({ steps }) =>
    steps
      .filter((s, i) => s.kind === 'transfer' && steps[i + 1]?.kind !== 'longReheat')
      .map((s) =>
        tell(
          s,
          'no',
          'Its top has been away from the fire longest.',
          'The long heat comes straight after.',
        ),
      ),
  ),
  rule('open-off-the-pipe', 'A mouth is opened once it is off the pipe.', (q) =>
    without(q, kinds('open', 'trim', 'spin'), kinds('transfer'), never).map((s) =>
      tell(s, 'no', 'The mouth is still the neck, on the pipe.', 'Transfer it to a punty first.'),
    ),
  ),
  rule('trim-before-open', 'Trimmed before it is opened.', (q) =>
    q.steps
      .filter(
        (s, i) =>
          s.kind === 'trim' &&
          q.steps.some((t, k) => k < i && t.kind === 'open' && t.part === s.part),
      )
      .map((s) =>
        tell(s, 'watch', 'An opened lip is wide and thin: it cuts ragged.', 'Trim before opening.'),
      ),
  ),
  rule('scar-polished', 'Every punty scar is fire-polished or ground.', (q) =>
    withoutAfter(q, kinds('crackOff'), kinds('polishScar', 'firePolish')).map((s) =>
      tell(
        s,
        'no',
        'The scar stays sharp: a forgotten one cuts.',
        'Fire-polish it after knocking off, or grind it later.',
      ),
    ),
  ),
  rule('notch-melted', 'Every notch is melted in: acute angles crack.', (q) =>
    withoutAfter(
      q,
      kinds('handle', 'prunts', 'wrap', 'hook', 'weld'),
      kinds('meltNotch', 'notchTorch'),
      kinds('box'),
    ).map((s) =>
      tell(
        s,
        'watch',
        'A sharp inner corner stays where it was put on: it cracks there.',
        'Melt the notch in until the fillet is round.',
      ),
    ),
  ),
  rule('steel-then-heat', 'Steel takes heat fast: a heat follows the marver.', (q) =>
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
          'The steel has taken its heat and nothing gives it back.',
          'Put a heat after it.',
        ),
      ),
  ),
  rule('pair-second-larger', 'Of a pair the second is made a little larger.', ({ steps }) => {
    const named = new Map<string, WorkStep[]>();
    for (const s of steps)
      if (s.kind === 'handle' && s.name !== undefined)
        named.set(s.name, [...(named.get(s.name) ?? []), s]);
    return [...named.values()].flatMap((all) => {
      const second = all[1];
      return second && second.note === undefined
        ? [
            tell(
              second,
              'watch',
              'The second of a pair shows every difference.',
              'Make it a little larger than the first: taking away is easier.',
            ),
          ]
        : [];
    });
  }),
  rule('soft-rod-warm', 'Soft rod never goes cold into the flame.', (q) =>
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
          'Soft glass flies when it goes cold into the flame.',
          'Warm it slowly at the edge, or bring it out of a kiln.',
        ),
      ),
  ),
  rule('bar-warm', 'Colour bar and cane come up slowly before they are picked up.', (q) =>
    without(q, kinds('pickColour', 'pickCane'), kinds('warmColour'), never).map((s) =>
      tell(s, 'no', 'Cold bar flies to pieces on hot glass.', 'Warm it in the colour kiln first.'),
    ),
  ),
  rule('colour-heated', 'Colour is heated in before it is worked.', (q) =>
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
          'It is only stuck on: tools pull it off.',
          'Heat it in before the next step.',
        ),
      ),
  ),
  rule('leaf-untouched', 'Leaf is not rolled twice.', (q) =>
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
          'What touches leaf next tears it.',
          'Gather over it, or shape without touching.',
        ),
      ),
  ),
  rule('scrap-apart', 'Coloured scrap stays out of the clean bucket.', ({ steps, parts, way }) =>
    way === 'furnace' &&
    parts.some((p) => p.coloured) &&
    steps.some((s) => s.kind === 'trim') &&
    !steps.some((s) => s.kind === 'scrap')
      ? [
          tell(
            undefined,
            'watch',
            'Coloured trimmings fall and nobody takes them away: one in the clean bucket spoils it.',
            'Add a step: scrap away, coloured apart.',
          ),
        ]
      : [],
  ),
  rule('part-made', 'Every part is made.', ({ steps, parts }) =>
    parts.flatMap((p, i) =>
      steps.some((s) => s.part === i && ['gather', 'begin'].includes(factsOf(s).does))
        ? []
        : [
            tell(
              undefined,
              'no',
              `The ${p.name} is never begun.`,
              'Add its gather, or its rod or tube at the torch.',
            ),
          ],
    ),
  ),
  rule('part-joined', 'Every part is joined, or goes into the box by itself.', (q) =>
    q.parts.flatMap((p, i) => {
      if (i === q.main) return [];
      const mine = q.steps.filter((s) => s.part === i);
      return mine.length === 0 || mine.some((s) => joins(s) || factsOf(s).does === 'box')
        ? []
        : [
            tell(
              mine[mine.length - 1],
              'no',
              `The ${p.name} is made and then left.`,
              'Join it, or put it into the box.',
            ),
          ];
    }),
  ),
  rule(
    'join-order',
    'Both are there before they are joined, and once is enough.',
    ({ steps, parts }) => {
      const begun = new Set<number>();
      const group = parts.map((_, i) => i);
      const found: Omit<Finding, 'rule'>[] = [];
      for (const s of steps) {
        if (['gather', 'begin'].includes(factsOf(s).does)) begun.add(s.part);
        if (!joins(s)) continue;
        if (s.to === undefined || s.to === s.part || !parts[s.to]) {
          if (s.kind !== 'weld')
            found.push(
              tell(s, 'no', 'It does not say what it is joined to.', 'Choose the other part.'),
            );
          continue;
        }
        if (!begun.has(s.part) || !begun.has(s.to))
          found.push(
            tell(
              s,
              'no',
              `The ${parts[begun.has(s.part) ? s.to : s.part]?.name ?? 'part'} is not there yet.`,
              'Make it before the join.',
            ),
          );
        if (group[s.part] === group[s.to])
          found.push(
            tell(
              s,
              'no',
              'These two are one piece already: the joins go round in a circle.',
              'Take one of the joins out.',
            ),
          );
        const from = group[s.part] as number;
        const into = group[s.to] as number;
        group.forEach((g, k) => {
          if (g === from) group[k] = into;
        });
      }
      return found;
    },
  ),
  rule('step-has-part', 'Every step has a part.', ({ steps, parts }) =>
    steps
      .filter((s) => !parts[s.part])
      .map((s) =>
        tell(
          s,
          'no',
          'It belongs to no part of the piece.',
          'Choose a part for it, or take it out.',
        ),
      ),
  ),
  rule('time-real', 'Every step takes a time one can stand at the bench.', ({ steps }) =>
    steps
      .filter((s) => !(s.seconds > 0) || s.seconds > DAY)
      .map((s) =>
        tell(
          s,
          s.seconds > DAY ? 'watch' : 'no',
          s.seconds > DAY ? 'It takes more than four hours.' : 'It takes no time at all.',
          'Give it the seconds it takes.',
        ),
      ),
  ),
  rule('out-of-garage', 'What waits in the garage is fetched before it is joined.', (q) =>
    without(
      q,
      (s) => joins(s) && q.steps.some((t) => t.part === s.part && factsOf(t).does === 'park'),
      (t) => factsOf(t).does === 'fetch',
      (t) => factsOf(t).does === 'park',
    ).map((s) => tell(s, 'no', 'It is still in the garage.', 'Fetch it first.')),
  ),
  rule('fetched-then-heated', 'Out of the garage, into the fire, then to the join.', (q) =>
    without(
      q,
      (s) => joins(s) && q.steps.some((t) => t.part === s.part && t.kind === 'fetch'),
      heats,
      (t) => t.kind === 'fetch',
    ).map((s) =>
      tell(
        s,
        'watch',
        'Garage heat is under working heat: the face will not take.',
        'Heat it after fetching.',
      ),
    ),
  ),
  rule('straight', 'Straight is checked before the next part goes on.', ({ steps }) => {
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
            'The next part goes on before anyone has looked whether this is straight.',
            'Check from several sides before it sets.',
          ),
        );
      open = s.kind === 'attach' ? s : undefined;
    }
    return found;
  }),
  rule('one-family', 'Soft and hard glass never join.', ({ steps, parts }) =>
    steps
      .filter(
        (s) =>
          joins(s) &&
          s.to !== undefined &&
          parts[s.to] &&
          parts[s.part] &&
          parts[s.to]?.family !== parts[s.part]?.family,
      )
      .map((s) =>
        tell(
          s,
          'no',
          'One is soft glass, the other hard: they never join.',
          'Make both of one family.',
        ),
      ),
  ),
  rule('box-last', 'Everything ends in the box.', (q) =>
    q.parts.flatMap((p, i) => {
      const group = ofGroup(q, i);
      return group.length === 0 || group.some(({ s }) => factsOf(s).does === 'box')
        ? []
        : [
            tell(
              group[group.length - 1]?.s,
              'no',
              `The ${p.name} never reaches the box: it cracks on the bench.`,
              'End with: into the box.',
            ),
          ];
    }),
  ),
  rule('nothing-after-box', 'Nothing is worked that is in the box.', (q) =>
    q.steps
      .filter((s, i) =>
        q.steps.some((t, k) => k < i && t.part === s.part && factsOf(t).does === 'box'),
      )
      .map((s) => tell(s, 'no', 'It is in the box already.', 'Move this step before the box.')),
  ),
  rule('torch-lit', 'The torch is lit before and closed after.', ({ steps, way }) => {
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
              'The torch is not lit yet.',
              'Light it first, as its maker says.',
            ),
          ]
        : []),
      ...(off < 0 && on >= 0
        ? [
            tell(
              undefined,
              'watch' as const,
              'The torch is left burning.',
              'Close it down as its maker says.',
            ),
          ]
        : []),
    ];
  }),
  rule(
    'flame-annealed',
    'At the torch the whole piece is evened in a soft flame before it leaves the hand.',
    (q) =>
      q.way === 'torch'
        ? without(q, kinds('box'), kinds('flameAnneal'), never).map((s) =>
            tell(
              s,
              'watch',
              'It goes into the box with its strains from the flame.',
              'Flame-anneal the whole piece first.',
            ),
          )
        : [],
  ),
  rule('handle-after-opening', 'Handles go on when the mouth is done.', (q) =>
    q.steps
      .filter(
        (s, i) =>
          kinds('handle', 'spout')(s) && q.steps.some((t, k) => k > i && t.kind === 'transfer'),
      )
      .map((s) =>
        tell(
          s,
          'watch',
          'On the pipe it is in the way of the punty and goes cold through the long heat.',
          'Put it on after opening.',
        ),
      ),
  ),
  rule('foot-before-punty', 'The foot is flattened while the piece is on the pipe.', (q) =>
    q.steps
      .filter(
        (s, i) =>
          kinds('foot')(s) &&
          q.steps.some((t, k) => k < i && t.kind === 'punty' && t.part === s.part),
      )
      .map((s) => tell(s, 'no', 'The punty sits on the foot.', 'Flatten it before the punty.')),
  ),
  rule('gather-on-pipe', 'Nothing is gathered over once it is on the punty.', (q) =>
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
          'On the punty its mouth is open: a gather drowns it.',
          'Gather before the transfer.',
        ),
      ),
  ),
  rule('last-join-warm', 'While the last bit sets, the foot is kept warm.', (q) => {
    const last = [...q.steps].reverse().find((s) => s.kind === 'attach');
    if (!last || q.steps.filter((s) => s.kind === 'attach').length < 3) return [];
    const i = q.steps.indexOf(last);
    const near = q.steps.slice(Math.max(0, i - 4), i).some((s) => heats(s));
    return near
      ? []
      : [
          tell(
            last,
            'watch',
            'The last join is the hardest: what hangs there goes cold while the bit sets.',
            'Flash it just before, and keep a hand torch on it.',
          ),
        ];
  }),
  rule('polished-before-off', 'Tool marks go in the fire before it leaves the punty.', (q) =>
    q.way === 'furnace'
      ? without(q, kinds('crackOff'), kinds('firePolish'), never, true).map((s) =>
          tell(s, 'watch', 'Tool marks and shear marks stay.', 'Fire-polish before knocking off.'),
        )
      : [],
  ),
  rule('someone-leads', 'Someone there can lead.', ({ skills, way, steps }) => {
    const wanted: Skill = way === 'torch' ? 'torch' : 'gaff';
    return skills && steps.length > 0 && !skills.has(wanted)
      ? [
          tell(
            undefined,
            'no',
            `Nobody of the crew can ${wanted === 'gaff' ? 'lead at the bench' : 'work the torch'}.`,
            'Give someone that skill, or call someone in.',
          ),
        ]
      : [];
  }),
];

/** Everything that is broken, in the order of the rules. */
export const checkOrder = (input: RuleInput): Finding[] =>
  RULES.flatMap((r) => r.check(input).map((f) => ({ rule: r.id, ...f })));
