// The composition in weight per cent, and what it says where nobody measured.
import type { RackEntry } from '@zanfirico/contract/rack';
import { withChanges, type Changes } from '@zanfirico/core/edits';
import { checkEntry, type RackLine } from '@zanfirico/core/rack';
import { tr } from '@zanfirico/core/words';
import { useState } from 'react';
import { oxideText, readOxides } from '../../../imports/oxides';
import { TroubleLine } from '../../../marks/TroubleLine';

interface Props {
  readonly line: RackLine;
  readonly onChange: (patch: Changes<RackEntry>) => void;
}

export function Oxides({ line, onChange }: Props) {
  const { entry, spoken } = line;
  const [problem, setProblem] = useState<string>();
  const kept = oxideText(entry.composition);
  return (
    <div>
      <label className="flex flex-col">
        <span className="quiet text-sm">{tr`Oxides, weight %`}</span>
        <textarea
          key={kept}
          className="textarea num min-h-16 text-sm"
          defaultValue={kept}
          placeholder={tr`SiO2 71.7; Na2O 15; CaO 9; …`}
          aria-invalid={problem !== undefined}
          onBlur={(e) => {
            if (e.target.value.trim() === kept) {
              setProblem(undefined);
              return;
            }
            const read = readOxides(e.target.value);
            if (!read.ok) {
              setProblem(read.problem);
              return;
            }
            const next = withChanges(entry, { composition: read.value });
            const wrong = checkEntry(next, spoken).find((p) => p.field === 'composition');
            setProblem(wrong?.message);
            if (!wrong) onChange({ composition: read.value });
          }}
        />
      </label>
      {problem !== undefined && (
        <TroubleLine className="text-sm leading-tight">{problem}</TroubleLine>
      )}
      <p className="quiet mt-1 text-xs leading-snug">{tr`Where neither sheet nor measurement speaks, the expansion is estimated by additive factors (Winkelmann and Schott 1894; about ±5 %), and for soda-lime the points by the model of Lakatos, Johansson and Simmingsköld (1972; ±5 °C, the annealing point ±12 °C).`}</p>
    </div>
  );
}
