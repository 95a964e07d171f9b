// How long a piece is in the box, in words; that its night is being checked, until it is known.
import { printDuration } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';

interface Props {
  /** Undefined while it is being checked. */
  readonly seconds?: number | undefined;
  readonly failed?: boolean;
}

export function HoursSaid({ seconds, failed = false }: Props) {
  if (seconds === undefined) return <span className="quiet">{tr`night being checked …`}</span>;
  return (
    <>
      {tr`${printDuration(seconds)} in the box`}
      {failed && tr` (not checked)`}
    </>
  );
}
