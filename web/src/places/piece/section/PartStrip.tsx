// Every part by number and bit by letter, to take in hand; and what can be added.
import type { PieceBit, PiecePart } from '@zanfirico/contract/piece';
import { addBit, addPart, bitOn, sculptureOn, takeIn } from '@zanfirico/core/edits';
import { BIT_PRESETS, PART_PRESETS, type BitPreset, type PartPreset } from '@zanfirico/core/form';
import { NO_SHOP } from '@zanfirico/core/piece';
import { tr } from '@zanfirico/core/words';
import { Box, Magnet, Plus } from 'lucide-react';
import { lazy, memo, Suspense, useMemo, useState, type ReactNode } from 'react';
import { useBoard } from '../../../stores/board';
import { useOffers } from '../../../stores/commands';
import { editPiece, useDraft } from '../../../stores/draft';
import { useRack } from '../../../stores/theRack';
import { deriveDocument } from '../../../derived/deriveDocument';
import type { OnBoard } from '../usePiece';
import { Menu } from '../../../shell/Menu';

const MeshDialog = lazy(async () => ({ default: (await import('./MeshDialog')).MeshDialog }));

const ShelfDialog = lazy(async () => ({
  default: (await import('./ShelfDialog')).ShelfDialog,
}));

const PART_SAYS: Readonly<Record<PartPreset, string>> = {
  merese: tr`Merese, a flat disc`,
  knop: tr`Knop`,
  bead: tr`Bead, solid`,
  stem: tr`Stem`,
  foot: tr`Foot, under everything`,
  bubble: tr`Bubble, blown`,
  cup: tr`Cup, blown`,
  stopper: tr`Stopper or lid`,
  cube: tr`Cube, solid`,
  heart: tr`Heart, solid`,
};
const BIT_SAYS: Readonly<Record<BitPreset, string>> = {
  handle: tr`Handle`,
  spout: tr`Spout, pulled from the lip`,
  tubeSpout: tr`Spout, a tube stuck on`,
  dots: tr`Dots`,
  prunts: tr`Prunts`,
  wrap: tr`Wrap`,
  wings: tr`A pair of wings`,
  rod: tr`Rod`,
  ball: tr`Ball`,
  ellipsoid: tr`Ellipsoid`,
  box: tr`Box`,
};

const CHIP =
  'hover:bg-base-300/50 flex shrink-0 items-center gap-1.5 border-b-2 px-2 py-1 whitespace-nowrap';

interface Props {
  readonly parts: readonly PiecePart[];
  readonly bits: readonly PieceBit[];
}

/** Only names and numbers show: a drag changes neither, so it draws nothing here anew. */
const sameNames = (a: Props, b: Props): boolean =>
  a.parts.length === b.parts.length &&
  a.bits.length === b.bits.length &&
  a.parts.every((p, i) => p.name === b.parts[i]?.name) &&
  a.bits.every((p, i) => p.name === b.bits[i]?.name && p.place.copies === b.bits[i].place.copies);

export const PartStrip = memo(function PartStrip({ parts, bits }: Props) {
  const { part, bit, takePart, takeBit, snap, turning, set } = useBoard();
  const [dialog, setDialog] = useState<'mesh' | 'shelf'>();
  const closeDialog = (): void => {
    setDialog(undefined);
  };
  useOffers(
    'parts',
    useMemo(
      () => [
        ...PART_PRESETS.map((preset) => ({
          says: PART_SAYS[preset],
          group: tr`Part`,
          run: () => {
            putPart(preset);
          },
        })),
        ...BIT_PRESETS.map((preset) => ({
          says: BIT_SAYS[preset],
          group: tr`Bit`,
          run: () => {
            putBit(preset);
          },
        })),
      ],
      [],
    ),
  );
  const chip = (lit: boolean): string =>
    `${CHIP} ${lit ? 'border-primary font-bold' : 'border-transparent'}`;
  return (
    <div className="bg-base-100 border-base-300 flex flex-wrap items-center gap-x-1 border-b px-3">
      <ul className="flex min-w-0 flex-wrap" aria-label={tr`Parts and bits`}>
        {parts.map((p, i) => (
          <li key={i}>
            <button
              type="button"
              className={chip(bit === undefined && i === part)}
              aria-pressed={bit === undefined && i === part}
              onClick={() => {
                takePart(i);
              }}
            >
              <Sign>{i + 1}</Sign> {p.name}
            </button>
          </li>
        ))}
        {bits.map((b, i) => (
          <li key={i}>
            <button
              type="button"
              className={chip(i === bit)}
              aria-pressed={i === bit}
              onClick={() => {
                takeBit(i);
              }}
            >
              <Sign>{String.fromCharCode(97 + (i % 26))}</Sign> {b.name}
              {b.place.copies > 1 && <span className="quiet num text-sm">×{b.place.copies}</span>}
            </button>
          </li>
        ))}
      </ul>
      <Menu
        label={
          <>
            <Plus className="size-4" /> {tr`Part`}
          </>
        }
        items={[
          ...PART_PRESETS.map((preset) => ({
            says: PART_SAYS[preset],
            run: () => {
              putPart(preset);
            },
          })),
          {
            says: tr`From another piece …`,
            run: () => {
              setDialog('shelf');
            },
          },
        ]}
      />
      <Menu
        label={
          <>
            <Plus className="size-4" /> {tr`Bit`}
          </>
        }
        items={[
          ...BIT_PRESETS.map((preset) => ({
            says: BIT_SAYS[preset],
            run: () => {
              putBit(preset);
            },
          })),
          {
            says: tr`From a mesh file (STL) …`,
            run: () => {
              setDialog('mesh');
            },
          },
        ]}
      />
      <div className="no-print ml-auto flex">
        <Toggle
          on={snap}
          title={tr`Snap: points and parts draw to their neighbours’ skin`}
          onClick={() => {
            set({ snap: !snap });
          }}
        >
          <Magnet className="size-4" /> {tr`Snap`}
        </Toggle>
        <Toggle
          on={turning}
          title={tr`Show the glass turning`}
          onClick={() => {
            set({ turning: !turning });
          }}
        >
          <Box className="size-4" /> {tr`Glass`}
        </Toggle>
      </div>
      <Suspense>
        {dialog === 'mesh' && (
          <MeshDialog
            onClose={closeDialog}
            onRead={(shape) => {
              addSculpture(shape);
              takeBit(bits.length);
            }}
          />
        )}
        {dialog === 'shelf' && (
          <ShelfDialog
            glass={useDraft.getState().document?.glass ?? ''}
            onClose={closeDialog}
            onTake={takePartIn}
          />
        )}
      </Suspense>
    </div>
  );
}, sameNames);

/** What the piece on the board comes to now. */
function now(): Extract<OnBoard['derived'], { ok: true }> | undefined {
  const { document } = useDraft.getState();
  const derived =
    document && deriveDocument(document, { ...NO_SHOP, rack: useRack.getState().rack })?.derived;
  return derived?.ok === true ? derived : undefined;
}

const Sign = ({ children }: { readonly children: ReactNode }) => (
  <span className="num flex size-5 items-center justify-center rounded-full border text-sm">
    {children}
  </span>
);

function Toggle({
  on,
  title,
  onClick,
  children,
}: {
  readonly on: boolean;
  readonly title: string;
  readonly onClick: () => void;
  readonly children: ReactNode;
}) {
  return (
    <button
      type="button"
      className={`${CHIP} ${on ? 'border-accent' : 'quiet border-transparent'}`}
      aria-pressed={on}
      title={title}
      onClick={onClick}
    >
      {children}
    </button>
  );
}

/** A new part next to the one in hand, taken in hand. */
const putPart = (preset: PartPreset): void => {
  const last = now();
  const { part, takePart } = useBoard.getState();
  editPiece((d) => addPart(d, last, preset, part));
  takePart((useDraft.getState().document?.parts.length ?? 1) - 1);
};
/** A part of another piece, taken in hand. */
const takePartIn = (taken: Omit<PiecePart, 'id'>): void => {
  const last = now();
  const { part, takePart } = useBoard.getState();
  editPiece((d) => takeIn(d, last, taken, part));
  takePart((useDraft.getState().document?.parts.length ?? 1) - 1);
};
/** A new bit on the part in hand, taken in hand. */
const putBit = (preset: BitPreset): void => {
  const standing = now();
  // A spout is the vessel's; anything else goes onto the part in hand.
  const body = preset === 'spout' ? undefined : standing?.parts[useBoard.getState().part]?.shape;
  editPiece((d) => addBit(d, bitOn(preset, body ?? standing?.main.shape) as PieceBit));
  useBoard.getState().takeBit((useDraft.getState().document?.bits?.length ?? 1) - 1);
};
const addSculpture = (shape: PieceBit['shape']): void => {
  const body = now()?.main.shape;
  editPiece((d) => addBit(d, sculptureOn(shape, body) as PieceBit));
};
