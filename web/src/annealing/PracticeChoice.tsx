// The practices to choose from, each with the tension it lets stay.
import { PRACTICES, printText, type Practice } from '@zanfirico/core';
import { Choice } from '../fields/Choice';
import { useDisplay } from '../stores/display';

interface Props {
  readonly practice: Practice;
  readonly onChange: (practice: Practice) => void;
}

export function PracticeChoice({ practice, onChange }: Props) {
  const units = useDisplay((s) => s.units);
  return (
    <Choice
      legend="Practice: how much tension may stay"
      value={practice}
      options={(Object.keys(PRACTICES) as Practice[]).map((p) => ({
        value: p,
        label: PRACTICES[p].name,
        note: printText(PRACTICES[p].allows, 'stress', units).replace(/\.?0+ /, ' '),
      }))}
      onChange={onChange}
    />
  );
}
