// A time of day in the shop's 24 hours: reads "17:30", "1730", "5.30 pm".
import { tr } from '@zanfirico/core/words';
import { TypedField } from './TypedField';
import { readClock } from '../clock/readClock';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onCommit: (clock: string) => void;
}

/** A clock time. */
export function TimeField({ label, value, onCommit }: Props) {
  return (
    <TypedField
      label={label}
      shown={value}
      read={(text) => {
        const clock = readClock(text);
        return clock === undefined
          ? {
              ok: false,
              problem: tr`${label}: "${text}" is not a time of day. Type for example 17:30 or 5.30 pm.`,
            }
          : { ok: true, value: clock };
      }}
      onCommit={onCommit}
    />
  );
}
