// That something long is being worked out, and how far it is.
import { tr } from '@zanfirico/core/words';
export function GoingOn({
  says,
  share,
}: {
  readonly says: string;
  readonly share: number | undefined;
}) {
  return (
    <p className="quiet py-2" role="status">
      {says} …
      {share !== undefined && (
        <progress
          className="progress progress-primary ml-3 w-40 align-middle"
          max={1}
          value={share}
          aria-label={tr`How far it is`}
        />
      )}
    </p>
  );
}
