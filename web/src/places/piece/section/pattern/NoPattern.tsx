// Before there is a pattern: what it is for, and the parts one can be laid on.
import { shrunkBlank } from '@zanfirico/core/form/pattern';
import type { PlannedPart } from '@zanfirico/core/piece';
import { tr } from '@zanfirico/core/words';
import { changePiece } from '../../../../stores/draft';
import { useNotices } from '../../../../stores/notices';
import { usePiece } from '../../usePiece';

const TENTH = 1e-4;
/** The blank first offered, as a share of the final width. */
const FIRST_SHARES = [0.6, 0.7, 0.8, 0.9];
const round = (v: number): number => Math.round(v / TENTH) * TENTH;

export function NoPattern({ parts }: { readonly parts: readonly PlannedPart[] }) {
  const { document } = usePiece();
  const say = useNotices((s) => s.trouble);
  const start = (part: PlannedPart): void => {
    const profile = part.shape;
    const drawn = document.parts[part.index]?.profile;
    if (!drawn) return;
    const blank = FIRST_SHARES.map((s) => shrunkBlank(drawn, s, part.glass.poisson)).find(
      (b) => b !== undefined,
    );
    if (!blank) {
      say(tr`${part.name}: no smaller hollow form holds its glass; thin its walls first.`);
      return;
    }
    const height = round(profile.lowest + profile.height * 0.55);
    changePiece({
      pattern: {
        part: part.id,
        blank: blank.map((p) => ({ ...p })),
        drawnOn: 'final',
        figure: { kind: 'dots', count: 12, diameter: 0.009, height },
      },
    });
  };
  return (
    <>
      <p className="leading-snug">{tr`Leaf, enamel, dots and drawings laid on a blank stretch with the glass under them. Draw the figure as it should end; it comes back pre-shrunk for the blank. Or draw on the blank and see what becomes of it.`}</p>
      {parts.length === 0 && (
        <p className="mt-3">{tr`Only a blown part stretches; this piece has none.`}</p>
      )}
      {parts.map((p) => (
        <button
          key={p.index}
          type="button"
          className="btn btn-outline btn-sm mt-3 mr-2"
          onClick={() => {
            start(p);
          }}
        >
          {tr`Lay a figure on the ${p.name}`}
        </button>
      ))}
    </>
  );
}
