// What the piece keeps, in the few figures one would look for in polarised light.
import { passesWhere, seenAs, type Outcome, type ScheduleInput } from '@zanfirico/core/night';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../stores/display';
import { shownNumber } from '../fields/shown';

interface Props {
  readonly input: ScheduleInput;
  readonly outcome: Outcome;
}

export function Keeps({ input, outcome }: Props) {
  const units = useDisplay((s) => s.units);
  const { perCentimetre, temper } = seenAs(outcome.kept, input.glass.stressOptical);
  const { middle, skin, worst, section } = outcome;
  const way = (v: number): string => (v >= 0 ? tr`pulled` : tr`pressed`);
  const facts = [
    ...(section
      ? [
          { what: tr`pulled ${section.keeps.where}`, is: stress(section.keeps.stress) },
          { what: tr`pressed at most`, is: stress(section.pressed) },
          ...(outcome.kept > section.keeps.stress
            ? [{ what: tr`pulled in what stands off the axis`, is: stress(outcome.kept) }]
            : []),
        ]
      : [
          { what: tr`thickest wall: middle ${way(middle)}`, is: stress(middle) },
          { what: tr`skin ${way(skin)}`, is: stress(skin) },
          { what: tr`pulled anywhere at most`, is: stress(outcome.kept) },
        ]),
    { what: tr`seen as`, is: `${shownNumber(perCentimetre, 0)} nm/cm` },
    { what: tr`temper grade`, is: shownNumber(temper, 1) },
    {
      what: tr`passes ${passesWhere(worst)} at ${printText(worst.temperature, 'temperature', units)}`,
      is: stress(worst.stress),
    },
  ];
  function stress(v: number): string {
    return printText(Math.abs(v), 'stress', units);
  }
  return (
    <ul aria-label={tr`What it keeps`} className="flex flex-wrap gap-x-5">
      {facts.map(({ what, is }) => (
        <li key={what}>
          <span className="quiet text-sm">{what}</span> <span className="num">{is}</span>
        </li>
      ))}
    </ul>
  );
}
