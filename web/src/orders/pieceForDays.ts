// A piece as its days are planned: its clock at the bench, its glass and colour, how many stand in each annealer and how long its night is there.
import type { SavedPiece } from '@zanfirico/contract';
import type { KeptWeighIn, ShopDocument } from '@zanfirico/contract/shop';
import { boxOf } from '@zanfirico/core/night';
import { howMany } from '@zanfirico/core/night/asked';
import type { WantedPiece } from '@zanfirico/core/orders';
import { ANYBODY, firesOf, shopFacts, takesOf, type Takes } from '@zanfirico/core/piece';
import type { Rack } from '@zanfirico/core/rack';
import { tr } from '@zanfirico/core/words';
import { clockOf } from '@zanfirico/core/work';
import { hoursChecked } from '../night/hoursChecked';
import { deriveDocument } from '../derived/deriveDocument';
import { placedDraft } from '../order/placedDrafts';
import { workAsked, workingOf } from '../order/workAsked';

/** All but how often it is lost, which the log says. */
export interface PieceForDays extends Omit<WantedPiece, 'lost'> {
  readonly name: string;
  readonly takes: Takes;
}

/** Works it out, in the workers where it takes long. Throws a sentence where the piece cannot be made. */
export async function pieceForDays(
  { id, document }: SavedPiece,
  shop: ShopDocument,
  weighIns: readonly KeptWeighIn[],
  rack: Rack,
  annealers: ShopDocument['annealers'],
): Promise<PieceForDays> {
  const facts = shopFacts(shop, weighIns, document.making.gatherer ?? ANYBODY, rack);
  const known = deriveDocument(document, facts);
  if (known?.derived.ok !== true)
    throw new Error(tr`“${document.name}” cannot be planned: its drawing has to be mended first.`);
  const { derived, glass } = known;
  const asked = workAsked(document, derived, workingOf(document.sequence, derived), {
    glass,
    pot: document.making.potTemperature,
    holes: shop.gloryHoles,
    pace: shop.pace,
    learnt: shop.learnt,
  });
  const { steps } = await placedDraft(asked);
  const starts = clockOf(steps, asked.working);
  const seconds = steps.reduce((end, s, i) => Math.max(end, (starts[i] ?? 0) + s.seconds), 0);
  const takes = takesOf(derived);
  const across = 2 * derived.whole.widest;
  const fires = document.kiln && firesOf(document.kiln, derived.fired, derived.whole.thickest.wall);
  const hours = await Promise.all(
    annealers.map((a) => hoursChecked({ ...derived.night, box: boxOf(a) }, fires)),
  );
  return {
    id,
    name: document.name,
    seconds,
    mass: document.way === 'furnace' ? takes.taken : 0,
    glass: document.way === 'furnace' ? document.glass : undefined,
    takes,
    boxes: annealers.map((a, i) => ({
      holds: howMany(
        {
          id,
          name: document.name,
          glass: derived.night.glass,
          wall: derived.night.wall,
          width: across,
          depth: across,
          height: derived.whole.height,
        },
        a,
      ),
      night: hours[i] ?? 0,
    })),
  };
}
