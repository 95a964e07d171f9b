// A picture to trace from under the drawing: placed in numbers, scaled by two places of known distance, straightened, faded.
import { LIMITS } from '@zanfirico/contract';
import type { PieceReference } from '@zanfirico/contract/piece';
import { scaledTo } from '@zanfirico/core/edits';
import { tr, trWord } from '@zanfirico/core/words';
import { ImagePlus, X } from 'lucide-react';
import { sentenceOf } from '../../../api/client';
import { CountField } from '../../../fields/CountField';
import { QuantityField } from '../../../fields/QuantityField';
import { pictureToTrace } from '../../../imports/pictureToTrace';
import { FileButton } from '../../../shell/FileButton';
import { IconButton } from '../../../shell/IconButton';
import { useBoard } from '../../../stores/board';
import { changePiece } from '../../../stores/draft';
import { useNotices } from '../../../stores/notices';
import { usePiece } from '../usePiece';

export function ReferenceFields() {
  const { document, last } = usePiece();
  const { picking, pair, set } = useBoard();
  const { reference } = document;
  const put = (next: PieceReference | undefined): void => {
    changePiece({ reference: next });
  };
  const read = async (chosen: File): Promise<void> => {
    try {
      const picture = await pictureToTrace(chosen);
      // As wide as the piece, its foot on the table: two places say how wide it really is.
      const wide = Math.max(0.05, 2.2 * (last?.whole.widest ?? 0.05));
      put({
        ...picture,
        left: -wide / 2,
        bottom: last?.whole.lowest ?? 0,
        width: wide,
        turn: 0,
        fade: 0.5,
      });
    } catch (error) {
      useNotices.getState().trouble(sentenceOf(error));
    }
  };
  const asked = picking !== undefined;
  return (
    <section aria-label={tr`Picture to trace`} className="mt-5">
      <div className="flex items-center gap-2">
        <h2 className="flex-1 text-lg">{tr`Picture to trace`}</h2>
        {reference && (
          <IconButton
            small
            label={tr`Take the picture away`}
            onClick={() => {
              put(undefined);
            }}
          >
            <X className="size-4" />
          </IconButton>
        )}
      </div>
      <FileButton
        className="btn btn-ghost btn-sm"
        label={tr`Picture to trace from`}
        accept="image/*"
        onFile={(chosen) => void read(chosen)}
      >
        <ImagePlus className="size-4" />{' '}
        {reference ? tr`Another picture …` : tr`A photo or a sketch …`}
      </FileButton>
      {reference && (
        <>
          <div className="mt-1 grid grid-cols-3 gap-x-4 gap-y-2">
            {(
              [
                ['width', tr`Wide`, 'length', LIMITS.measure],
                ['left', tr`Left edge`, 'length', LIMITS.coordinate],
                ['bottom', tr`Lower edge`, 'length', LIMITS.coordinate],
                ['turn', tr`Turned`, 'angle', LIMITS.angle],
              ] as const
            ).map(([field, label, kind, within]) => (
              <QuantityField
                key={field}
                label={label}
                kind={kind}
                value={reference[field]}
                within={within}
                onCommit={(v) => {
                  put({ ...reference, [field]: v });
                }}
              />
            ))}
            <CountField
              label={tr`Faded, %`}
              value={Math.round(100 * reference.fade)}
              step={5}
              min={0}
              max={90}
              onCommit={(v) => {
                put({ ...reference, fade: v / 100 });
              }}
            />
          </div>
          <div className="mt-2 flex flex-wrap gap-2">
            {(
              [
                ['scale', 'Scale by two places'],
                ['upright', 'Straighten by two places'],
              ] as const
            ).map(([what, says]) => (
              <button
                key={what}
                type="button"
                className="btn btn-outline btn-sm"
                aria-pressed={picking === what}
                onClick={() => {
                  set({ picking: picking === what ? undefined : what, pair: undefined });
                }}
              >
                {trWord(says)}
              </button>
            ))}
          </div>
          {asked && (
            <p className="quiet mt-1 text-sm" role="status">
              {picking === 'scale'
                ? tr`Click two places on the picture that you know the distance of.`
                : tr`Click two places of its axis, one over the other.`}
            </p>
          )}
          {pair && (
            <div className="mt-2 w-40">
              <QuantityField
                label={tr`They are apart`}
                kind="length"
                value={Math.hypot(pair.to.out - pair.from.out, pair.to.height - pair.from.height)}
                within={LIMITS.measure}
                onCommit={(apart) => {
                  put(scaledTo(reference, pair.from, pair.to, apart));
                  set({ pair: undefined });
                }}
              />
            </div>
          )}
        </>
      )}
    </section>
  );
}
