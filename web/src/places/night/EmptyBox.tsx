// The box before anything stands in it: how large it is, and what to do.
import type { PieceInside } from '@zanfirico/core/night/asked';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../../stores/display';
import { StandingPlan } from './StandingPlan';

export function EmptyBox({
  inside,
}: {
  readonly inside: (PieceInside & { readonly name: string }) | undefined;
}) {
  const units = useDisplay((s) => s.units);
  return (
    <div className="flex flex-col gap-4 py-4">
      <p className="text-lg leading-snug">{tr`Nothing is in the box yet: put pieces in on the right, so many of each, and the night is worked out for the one that takes longest.`}</p>
      {inside && (
        <figure className="max-w-lg">
          <StandingPlan inside={inside} standing={[]} pieces={[]} rules={undefined} />
          <figcaption className="quiet">
            {tr`${inside.name} from above: ${printText(inside.width, 'length', units)} wide, ${printText(inside.depth, 'length', units)} deep, ${printText(inside.height, 'length', units)} high.`}
          </figcaption>
        </figure>
      )}
    </div>
  );
}
