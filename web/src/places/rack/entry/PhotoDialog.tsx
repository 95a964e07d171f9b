// Picking a colour out of a photo of its sample: a white beside it first, if there is one, then the glass.
import { hexOf, type Light } from '@zanfirico/core/fit';
import { tr } from '@zanfirico/core/words';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { Choice } from '../../../fields/Choice';
import { balanced, decodePhoto, meanLight } from '../../../imports/photo';
import { Dialog } from '../../../shell/Dialog';
import { sentenceOf } from '../../../api/client';
import { TroubleLine } from '../../../marks/TroubleLine';

interface Props {
  readonly onClose: () => void;
  readonly onPick: (light: Light) => void;
}

/** Pixels to each side that are averaged. */
const REACH = 4;

/** Draws the photo with a cross on it, dark under light, so that it stands on any glass. */
function drawCross(
  picture: HTMLCanvasElement | null,
  bitmap: ImageBitmap | undefined,
  at: { readonly x: number; readonly y: number },
): void {
  const context = picture?.getContext('2d', { willReadFrequently: true });
  if (!bitmap || !picture || !context) return;
  if (picture.width !== bitmap.width) picture.width = bitmap.width;
  if (picture.height !== bitmap.height) picture.height = bitmap.height;
  context.drawImage(bitmap, 0, 0);
  for (const [colour, width] of [
    ['#000', 4],
    ['#fff', 1.5],
  ] as const) {
    context.strokeStyle = colour;
    context.lineWidth = width;
    context.beginPath();
    for (const [dx, dy] of [
      [1, 0],
      [-1, 0],
      [0, 1],
      [0, -1],
    ] as const) {
      context.moveTo(at.x + dx * 6, at.y + dy * 6);
      context.lineTo(at.x + dx * 18, at.y + dy * 18);
    }
    context.stroke();
  }
}

export function PhotoDialog({ onClose, onPick }: Props) {
  const [bitmap, setBitmap] = useState<ImageBitmap>();
  const [problem, setProblem] = useState<string>();
  const [picking, setPicking] = useState<'white' | 'glass'>('glass');
  const [at, setAt] = useState({ x: 0, y: 0 });
  const [white, setWhite] = useState<Light>();
  const [glass, setGlass] = useState<Light>();
  const canvas = useRef<HTMLCanvasElement>(null);

  useEffect(() => {
    drawCross(canvas.current, bitmap, at);
  }, [bitmap, at]);

  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    try {
      const next = await decodePhoto(file);
      setProblem(undefined);
      setWhite(undefined);
      setGlass(undefined);
      setAt({ x: Math.round(next.width / 2), y: Math.round(next.height / 2) });
      setBitmap(next);
    } catch (error) {
      setProblem(sentenceOf(error));
    }
  };
  const pick = (x: number, y: number): void => {
    const context = canvas.current?.getContext('2d');
    if (!bitmap || !context) return;
    // Without the cross.
    context.drawImage(bitmap, 0, 0);
    const found = meanLight(context.getImageData(0, 0, bitmap.width, bitmap.height), x, y, REACH);
    setAt({ x, y });
    if (picking === 'white') {
      setWhite(found);
      setPicking('glass');
    } else setGlass(found);
  };
  const key = (event: KeyboardEvent): void => {
    if (!bitmap) return;
    const step = event.shiftKey ? 20 : 2;
    const by = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    }[event.key];
    if (by) {
      event.preventDefault();
      setAt(({ x, y }) => ({
        x: Math.min(bitmap.width - 1, Math.max(0, x + (by[0] as number))),
        y: Math.min(bitmap.height - 1, Math.max(0, y + (by[1] as number))),
      }));
    }
    if (event.key === 'Enter') {
      event.preventDefault();
      pick(at.x, at.y);
    }
  };
  const shown = glass && balanced(glass, white);
  return (
    <Dialog
      title={tr`A colour out of a photo`}
      onClose={onClose}
      actions={
        <button
          type="button"
          className="btn btn-primary"
          disabled={!shown}
          onClick={() => {
            if (shown) {
              onPick(shown);
              onClose();
            }
          }}
        >
          {tr`Take this colour`}
        </button>
      }
    >
      <label className="mt-3 flex flex-col">
        <span className="quiet text-sm">{tr`Photo of the sample, with white paper beside it`}</span>
        <input
          type="file"
          accept="image/*"
          className="file-input file-input-sm mt-1"
          onChange={(e) => void open(e.target.files?.[0])}
        />
      </label>
      {problem !== undefined && <TroubleLine className="mt-2">{problem}</TroubleLine>}
      {bitmap && (
        <>
          <div className="mt-3 flex items-end justify-between gap-4">
            <Choice
              legend={tr`Now picking`}
              options={[
                { value: 'white', label: tr`the white paper` },
                { value: 'glass', label: tr`the glass` },
              ]}
              value={picking}
              onChange={setPicking}
            />
            <Patch name="white" light={white} />
            <Patch name="glass" light={shown} />
          </div>
          <div className="relative mt-2">
            <button
              type="button"
              className="w-full cursor-crosshair"
              aria-label={tr`Photo: arrows move the cross, Enter picks. Cross at ${at.x}, ${at.y}.`}
              onKeyDown={key}
              onClick={(e) => {
                const picture = canvas.current;
                if (e.detail === 0 || !picture) return; // a key, not the pointer
                const box = picture.getBoundingClientRect();
                // object-contain: the picture lies centred in its box.
                const scale = Math.min(box.width / bitmap.width, box.height / bitmap.height);
                const x = (e.clientX - box.left - (box.width - bitmap.width * scale) / 2) / scale;
                const y = (e.clientY - box.top - (box.height - bitmap.height * scale) / 2) / scale;
                if (x >= 0 && y >= 0 && x < bitmap.width && y < bitmap.height)
                  pick(Math.floor(x), Math.floor(y));
              }}
            >
              <canvas ref={canvas} className="max-h-[50vh] w-full object-contain" />
            </button>
          </div>
          <p className="quiet mt-1 text-sm">
            {white
              ? tr`Corrected by the white.`
              : tr`Without a white the camera’s own balance is taken as it is.`}
          </p>
        </>
      )}
    </Dialog>
  );
}

function Patch({ name, light }: { readonly name: string; readonly light: Light | undefined }) {
  return (
    <span className="flex items-center gap-2 text-sm">
      <span
        className="border-base-content/40 inline-block size-8 border"
        style={light && { background: hexOf(light) }}
      />
      <span className="quiet">
        {name}
        {light ? ` ${hexOf(light)}` : tr`: not picked`}
      </span>
    </span>
  );
}
