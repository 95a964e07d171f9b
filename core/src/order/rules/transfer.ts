// Rules of the transfer: neck, punty, and what is done before and after it leaves the pipe. Common practice, no source, unless a rule says so.
import { tr } from '../../words/tr';
import { kinds, never, rule, tell, without, withoutAfter, type Rule } from './asking';

/** Glass so many times wider than its pipe is a long way to jack in. Common practice, no source. */
const WIDE_ON_PIPE = 4;

/** What decorates the ground, at furnace and torch. */
const DECOR = kinds('leaf', 'fume', 'prunts', 'fumeTorch', 'stampTorch');

/** Rules of the transfer. */
export const TRANSFER: readonly Rule[] = [
  rule(
    'neck-first',
    () => tr`The neck is jacked before the punty: it must break there.`,
    (q) =>
      without(q, kinds('transfer'), kinds('neck'), never).map((s) =>
        tell(s, 'no', tr`There is no neck to break at.`, tr`Jack the neck before the punty.`),
      ),
  ),
  rule(
    'neck-thin',
    () => tr`The neck is thinner than the pipe.`,
    ({ parts, steps }) =>
      steps
        .filter((s) => s.kind === 'neck')
        .flatMap((s) => {
          const p = parts[s.part];
          return p?.neck !== undefined && p.iron !== undefined && p.neck > WIDE_ON_PIPE * p.iron
            ? [
                tell(
                  s,
                  'watch',
                  tr`The ${p.name} is ${Math.round(p.neck * 1e3)} mm wide on the pipe, the pipe ${Math.round(p.iron * 1e3)} mm: the neck has to be pulled in a long way.`,
                  tr`Jack it in thinner than the pipe while it is hot, or take a wider pipe.`,
                ),
              ]
            : [];
        }),
  ),
  rule(
    'base-set',
    () => tr`The base is set before the punty goes on.`,
    (q) =>
      without(q, kinds('punty'), kinds('setBase'), (t) => kinds('foot', 'shapeBit')(t), true).map(
        (s) =>
          tell(
            s,
            'no',
            tr`The base has not set: it sags, or the punty marks it.`,
            tr`Let the base set first.`,
          ),
      ),
  ),
  rule(
    'clear-button',
    () => tr`All colour outside: a button of clear where the punty sticks.`,
    (q) =>
      without(
        q,
        (s) => s.kind === 'punty' && q.parts[s.part]?.colourOutside === true,
        kinds('clearButton'),
        never,
      ).map((s) =>
        tell(
          s,
          'watch',
          tr`The punty goes on colour: its scar shows and will not polish out.`,
          tr`Put a clear button there first.`,
        ),
      ),
  ),
  rule(
    'no-punty-on-decor',
    () => tr`Never a punty on stamped, fumed or decorated ground.`,
    ({ steps }) =>
      steps
        .filter(
          (s, i) =>
            s.kind === 'punty' && steps.some((t, k) => k < i && t.part === s.part && DECOR(t)),
        )
        .map((s) =>
          tell(
            s,
            'watch',
            tr`Its ground is decorated: a punty there cracks and cannot be polished off.`,
            tr`Stick the punty where it is plain.`,
          ),
        ),
  ),
  rule(
    'punty-before-transfer',
    () => tr`It hangs on the punty before it leaves the pipe.`,
    (q) =>
      without(q, kinds('transfer'), kinds('punty'), never, true).map((s) =>
        tell(
          s,
          'no',
          tr`Nothing holds it: it falls when the neck is tapped.`,
          tr`Stick a punty first.`,
        ),
      ),
  ),
  rule(
    'long-heat',
    () => tr`Straight after the transfer the longest heat of the piece.`,
    ({ steps }) =>
      steps
        .filter((s, i) => s.kind === 'transfer' && steps[i + 1]?.kind !== 'longReheat')
        .map((s) =>
          tell(
            s,
            'no',
            tr`Its top has been away from the fire longest.`,
            tr`The long heat comes straight after.`,
          ),
        ),
  ),
  rule(
    'open-off-the-pipe',
    () => tr`A mouth is opened once it is off the pipe.`,
    (q) =>
      // Off by the transfer, or knocked off to be stuck onto something else.
      without(q, kinds('open', 'trim', 'spin'), kinds('transfer', 'knockOff'), never).map((s) =>
        tell(
          s,
          'no',
          tr`The mouth is still the neck, on the pipe.`,
          tr`Transfer it to a punty first.`,
        ),
      ),
  ),
  rule(
    'trim-before-open',
    () => tr`Trimmed before it is opened.`,
    (q) =>
      q.steps
        .filter(
          (s, i) =>
            s.kind === 'trim' &&
            q.steps.some((t, k) => k < i && t.kind === 'open' && t.part === s.part),
        )
        .map((s) =>
          tell(
            s,
            'watch',
            tr`An opened lip is wide and thin: it cuts ragged.`,
            tr`Trim before opening.`,
          ),
        ),
  ),
  rule(
    'scar-polished',
    () => tr`Every punty scar is fire-polished or ground.`,
    (q) =>
      withoutAfter(q, kinds('crackOff'), kinds('polishScar', 'firePolish')).map((s) =>
        tell(
          s,
          'no',
          tr`The scar stays sharp: a forgotten one cuts.`,
          tr`Fire-polish it after knocking off, or grind it later.`,
        ),
      ),
  ),
  rule(
    'notch-melted',
    () => tr`Every notch is melted in: acute angles crack.`,
    (q) =>
      withoutAfter(
        q,
        kinds('handle', 'prunts', 'wrap', 'hook', 'weld'),
        kinds('meltNotch', 'notchTorch'),
        kinds('box'),
      ).map((s) =>
        tell(
          s,
          'watch',
          tr`A sharp inner corner stays where it was put on: it cracks there.`,
          tr`Melt it in until the fillet is round.`,
        ),
      ),
  ),
  rule(
    'handle-after-opening',
    () => tr`Handles go on when the mouth is done.`,
    (q) =>
      q.steps
        .filter(
          (s, i) =>
            kinds('handle', 'spout')(s) && q.steps.some((t, k) => k > i && t.kind === 'transfer'),
        )
        .map((s) =>
          tell(
            s,
            'watch',
            tr`On the pipe it is in the way of the punty and goes cold through the long heat.`,
            tr`Put it on after opening.`,
          ),
        ),
  ),
  rule(
    'spout-first',
    () => tr`The spout before the handle: the handle goes where the spout says.`,
    (q) =>
      q.steps
        .filter(
          (s, i) =>
            s.kind === 'spout' &&
            q.steps.some((t, k) => k < i && kinds('handle', 'hook')(t) && t.part === s.part),
        )
        .map((s) =>
          tell(
            s,
            'watch',
            tr`The handle is on already: the heat for the spout softens it, and it may not stand opposite.`,
            tr`Pull the spout first.`,
          ),
        ),
  ),
  rule(
    'foot-before-punty',
    () => tr`The foot is flattened while the piece is on the pipe.`,
    (q) =>
      q.steps
        .filter(
          (s, i) =>
            kinds('foot')(s) &&
            q.steps.some((t, k) => k < i && t.kind === 'punty' && t.part === s.part),
        )
        .map((s) =>
          tell(s, 'no', tr`The punty sits on the foot.`, tr`Flatten it before the punty.`),
        ),
  ),
  rule(
    'polished-before-off',
    () => tr`Tool marks go in the fire before it leaves the punty.`,
    (q) =>
      q.way === 'furnace'
        ? without(q, kinds('crackOff'), kinds('firePolish', 'spin'), never, true).map((s) =>
            tell(
              s,
              'watch',
              tr`Tool marks and shear marks stay.`,
              tr`Fire-polish before knocking off.`,
            ),
          )
        : [],
  ),
];
