// The rack as a table: taken away, or taken in.
import { tr } from '@zanfirico/core/words';
import { useState } from 'react';
import { download } from '../../exports/download';
import { rackCsv } from '../../exports/rackCsv';
import { Menu } from '../../shell/Menu';
import { useRack } from '../../stores/theRack';
import { TakeRackIn } from './TakeRackIn';

export function TableMenu() {
  const rack = useRack((s) => s.rack);
  const [taking, setTaking] = useState(false);
  const save = (own: boolean): void => {
    const entries = rack.lines.filter((l) => l.own || !own).map((l) => l.entry);
    download('rack.csv', 'text/csv', rackCsv(entries));
  };
  return (
    <>
      <Menu
        label={tr`Table`}
        end
        items={[
          {
            says: tr`Take a table in (CSV)`,
            run: () => {
              setTaking(true);
            },
          },
          {
            says: tr`Take yours away (CSV)`,
            disabled: !rack.lines.some((l) => l.own),
            run: () => {
              save(true);
            },
          },
          {
            says: tr`Take everything away (CSV)`,
            run: () => {
              save(false);
            },
          },
        ]}
      />
      {taking && (
        <TakeRackIn
          onClose={() => {
            setTaking(false);
          }}
        />
      )}
    </>
  );
}
