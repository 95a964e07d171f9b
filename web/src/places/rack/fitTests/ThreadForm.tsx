// A thread test: what was measured along it, what that says, and the bow to expect before it is pulled.
import type { ThreadReading } from '@zanfirico/contract/rack';
import { trNodes } from '../../../words/trNodes';
import { bowFor, setFall } from '@zanfirico/core/fit';
import { testedDifference, type RackLine } from '@zanfirico/core/rack';
import { displayUnit, printForField, printText, readQuantity } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { Choice } from '../../../fields/Choice';
import { QuantityField } from '../../../fields/QuantityField';
import { TypedField } from '../../../fields/TypedField';
import { useFields } from '../../../fields/useFields';
import { pointsText } from '../../../marks/speakers';
import { useDisplay } from '../../../stores/display';
import { KeepBar } from './KeepBar';
import { ThreadPicture } from './ThreadPicture';
import { asTestGlass } from './glassOfTest';

interface Props {
  readonly first: RackLine;
  readonly second: RackLine;
}

/** The customary thread, read with a rule and a caliper. Common practice, no source. */
const USUAL: Omit<ThreadReading, 'bow' | 'inside'> = {
  kind: 'thread',
  length: 0.3,
  first: 0.0005,
  second: 0.0005,
  bowError: 0.0003,
  lengthError: 0.001,
  thicknessError: 0.00005,
};
/** Straighter than a rule can tell, the test only bounds the difference, m. */
const STRAIGHT = 1e-9;

type Thread = typeof USUAL & {
  /** Nothing until it was measured. */
  readonly bow: number | undefined;
  readonly inside: ThreadReading['inside'];
};
const UNMEASURED: Thread = { ...USUAL, bow: undefined, inside: 'first' };

export function ThreadForm({ first, second }: Props) {
  const units = useDisplay((s) => s.units);
  const [{ bow, inside, ...reading }, set] = useFields(UNMEASURED);
  const [a, b] = [asTestGlass(first.colour), asTestGlass(second.colour)];
  const fall = setFall([a, b]);
  const expected = bowFor(
    {
      length: reading.length,
      thickness: [reading.first, reading.second],
      youngsModuli: [a.youngsModulus, b.youngsModulus],
      fall,
    },
    first.colour.expansion - second.colour.expansion,
  );
  const measured: ThreadReading | undefined =
    bow === undefined ? undefined : { ...reading, bow, inside };
  const found = measured && testedDifference(measured, a, b);
  const field = (
    label: string,
    key: Exclude<keyof typeof USUAL, 'kind'>,
    min: number,
    max: number,
  ) => (
    <QuantityField
      label={label}
      kind="length"
      value={reading[key]}
      min={min}
      max={max}
      onCommit={(v) => {
        set({ [key]: v });
      }}
    />
  );
  return (
    <div className="mt-4">
      <ThreadPicture
        first={first.colour}
        second={second.colour}
        length={reading.length}
        bow={measured ? (inside === 'first' ? measured.bow : -measured.bow) : expected}
        measured={measured !== undefined}
      />
      <p className="mt-2 leading-snug">
        {Math.abs(expected) < STRAIGHT ? (
          tr`By their numbers the thread should lie straight.`
        ) : (
          <>
            {trNodes`By their numbers it should bow ${(<b className="num">{printText(Math.abs(expected), 'length', units)}</b>)}`}
            , {tr`${(expected > 0 ? first : second).entry.name} on the inside.`}
          </>
        )}{' '}
        <span className="quiet">{tr`Lay both side by side, pull one even thread, cut it, let it cool on the bench; hot ends spring: eyes covered.`}</span>
      </p>
      <div className="mt-3 grid grid-cols-3 gap-x-5 gap-y-3 sm:grid-cols-4">
        <BowField
          value={bow}
          most={reading.length / 2}
          onCommit={(v) => {
            set({ bow: v });
          }}
        />
        {field(tr`Long`, 'length', 0.02, 3)}
        {field(tr`First half`, 'first', 0.00005, 0.02)}
        {field(tr`Second half`, 'second', 0.00005, 0.02)}
        {field(tr`± bow`, 'bowError', 0, 0.02)}
        {field(tr`± length`, 'lengthError', 0, 0.02)}
        {field(tr`± each half`, 'thicknessError', 0, 0.005)}
      </div>
      <div className="mt-3">
        <Choice
          legend={tr`Inside of the bow`}
          options={[
            { value: 'first', label: first.entry.name },
            { value: 'second', label: second.entry.name },
          ]}
          value={inside}
          onChange={(next) => {
            set({ inside: next });
          }}
        />
      </div>
      <KeepBar
        first={first}
        second={second}
        reading={measured}
        says={
          found
            ? tr`${first.entry.name} less ${second.entry.name}: ${pointsText(found.value, found.error)} ×10⁻⁷/K`
            : tr`Type the bow you measured.`
        }
      />
    </div>
  );
}

/** Empty until it was measured: a thread that lies straight is a bow of 0, and says much. */
function BowField({
  value,
  most,
  onCommit,
}: {
  readonly value: number | undefined;
  readonly most: number;
  readonly onCommit: (value: number | undefined) => void;
}) {
  const units = useDisplay((s) => s.units);
  return (
    <TypedField<number | undefined>
      label={
        <>
          {trNodes`Bow ${(<span className="num text-xs">{displayUnit('length', units).symbol}</span>)}`}
        </>
      }
      hint={tr`0 if it lies straight`}
      shown={value === undefined ? '' : printForField(value, 'length', units)}
      read={(text) => {
        if (text.trim() === '') return { ok: true, value: undefined };
        const read = readQuantity(text, 'length', units);
        if (!read.ok) return { ok: false, problem: tr`Bow: ${read.message}` };
        return read.value >= 0 && read.value <= most
          ? read
          : {
              ok: false,
              problem: tr`Bow: given ${printText(read.value, 'length', units)}; allowed 0 to ${printText(most, 'length', units)}, half the thread.`,
            };
      }}
      onCommit={onCommit}
    />
  );
}
