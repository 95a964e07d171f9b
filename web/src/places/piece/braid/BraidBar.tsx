// Above the braid: how long it takes, which order is shown, placing its heats, looking closer, taking it away.
import { tr } from '@zanfirico/core/words';
import { fileName } from '@zanfirico/contract';
import { Flame, RotateCcw, ZoomIn, ZoomOut } from 'lucide-react';
import { download } from '../../../exports/download';
import { sequenceCsv, sequenceJson } from '../../../exports/sequence';
import { standalone } from '../../../exports/standalone';
import { clockText } from '../../../marks/braid/strands';
import { Menu } from '../../../shell/Menu';
import type { Braid } from './useBraid';
import { VariantPicker } from './VariantPicker';
import { ZOOMS } from './zooms';

interface Props {
  readonly braid: Braid;
  /** The piece, for names of files. */
  readonly name: string;
  readonly placing: boolean;
  readonly onPlace: () => void;
  readonly onStop: () => void;
  /** A place in `ZOOMS`. */
  readonly zoom: number;
  readonly onZoom: (zoom: number) => void;
  /** The drawing as it stands. */
  readonly drawing: () => Element | null | undefined;
}

export function BraidBar(props: Props) {
  const { braid, name, placing, onPlace, onStop, zoom, onZoom, drawing } = props;
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 px-6 pt-1 pb-0.5">
      <h2 className="text-2xl">
        {clockText(braid.heat.total)}{' '}
        <span className="quiet font-sans text-base">{tr`at the fire and bench, ${braid.steps.length} steps`}</span>
      </h2>
      <VariantPicker braid={braid} />
      <div className="ml-auto flex flex-wrap items-center gap-1">
        <button
          type="button"
          className="btn btn-primary btn-sm"
          onClick={placing ? onStop : onPlace}
        >
          <Flame className="size-4" /> {placing ? tr`Stop placing` : tr`Place the heats`}
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          disabled={braid.drafted}
          onClick={braid.afresh}
        >
          <RotateCcw className="size-4" /> {tr`Draft afresh`}
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-sm btn-square"
          aria-label={tr`Show more of it`}
          disabled={zoom === 0}
          onClick={() => {
            onZoom(zoom - 1);
          }}
        >
          <ZoomOut className="size-4" />
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-sm btn-square"
          aria-label={tr`Look closer`}
          disabled={zoom === ZOOMS.length - 1}
          onClick={() => {
            onZoom(zoom + 1);
          }}
        >
          <ZoomIn className="size-4" />
        </button>
        <Menu
          label={tr`Take away`}
          end
          items={[
            {
              says: tr`The braid (SVG)`,
              run: () => {
                const svg = drawing();
                if (svg) download(`${fileName(name)}.braid.svg`, 'image/svg+xml', standalone(svg));
              },
            },
            {
              says: tr`The order (CSV)`,
              run: () => {
                download(`${fileName(name)}.order.csv`, 'text/csv', sequenceCsv(braid));
              },
            },
            {
              says: tr`The order (JSON)`,
              run: () => {
                download(
                  `${fileName(name)}.order.json`,
                  'application/json',
                  sequenceJson(braid, name),
                );
              },
            },
          ]}
        />
      </div>
    </div>
  );
}
