// The glass turning: drag it, or use the arrow keys; follows the drawing a moment behind.
import type { PieceBit } from '@zanfirico/contract/piece';
import type { LightBulk } from '@zanfirico/core/fit';
import { onSkin, type Carried, type StretchMap } from '@zanfirico/core/form/pattern';
import { bodyOf, lookOf, type Derived } from '@zanfirico/core/piece';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { useDisplay } from '../../stores/display';
import { mesh } from '../../workers/workers';
import { glassScene, type GlassScene } from './glassScene';
import { lightAfter } from './tint';

interface Props {
  readonly derived: Extract<Derived, { ok: true }>;
  readonly bits: readonly PieceBit[] | undefined;
  readonly carried: { readonly map: StretchMap; readonly carried: Carried } | undefined;
}

const NO_BITS: PieceBit[] = [];
/** The view may lag the drawing by this much, ms; the drawing may not lag at all. */
const LAG_MS = 140;
const SLOW_LAG_MS = 600;
const STEP = Math.PI / 24;
const TILT_MOST = 1.2;
/** Lines stand this far off the skin, m, so that they show. */
const OFF_SKIN = 0.0002;

/** The view, drawn anew when the browser took its picture away. */
export function TurningView(props: Props) {
  const [drawn, setDrawn] = useState(0);
  return (
    <Turning
      key={drawn}
      {...props}
      onAgain={() => {
        setDrawn((n) => n + 1);
      }}
    />
  );
}

function Turning({
  derived,
  bits = NO_BITS,
  carried,
  onAgain,
}: Props & { readonly onAgain: () => void }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const scene = useRef<GlassScene>(undefined);
  const [failed, setFailed] = useState(false);
  // Browsers take the picture away when the graphics are reset, or too many pages draw.
  const [lost, setLost] = useState(false);
  const [turn, setTurn] = useState({ around: 0.5, tilt: 0.22 });
  const theme = useDisplay((s) => s.theme);
  const units = useDisplay((s) => s.units);

  useEffect(() => {
    const element = canvas.current;
    if (!element) return undefined;
    let made: GlassScene;
    try {
      made = glassScene(element);
    } catch {
      // No WebGL here: the drawing is all there is, and says so.
      const timer = setTimeout(() => {
        setFailed(true);
      });
      return () => {
        clearTimeout(timer);
      };
    }
    scene.current = made;
    const onLost = (): void => {
      setLost(true);
    };
    element.addEventListener('webglcontextlost', onLost);
    const fit = (): void => {
      made.setSize(element.clientWidth, element.clientHeight);
    };
    const observer = new ResizeObserver(fit);
    observer.observe(element);
    fit();
    return () => {
      observer.disconnect();
      element.removeEventListener('webglcontextlost', onLost);
      scene.current = undefined;
      made.dispose();
    };
  }, []);

  // A part's outline stays the same object until its drawing changes: a new pot or clock turns nothing.
  const latest = useRef(derived);
  useEffect(() => {
    latest.current = derived;
  });
  const { lowest, height, widest } = derived.whole;
  const outlines = useSame(derived.parts.map((p) => p.outline));
  useEffect(() => {
    let live = true;
    const slow = scene.current?.slow === true;
    const timer = setTimeout(
      () => {
        const body = bodyOf(latest.current, bits);
        mesh((w) => w.screen(body, slow)).then(
          (shells) => {
            if (live) scene.current?.setShells(shells, { lowest, height, widest });
          },
          // The glass stays as it was; the drawing beside it is the one that counts.
          () => undefined,
        );
      },
      slow ? SLOW_LAG_MS : LAG_MS,
    );
    return () => {
      live = false;
      clearTimeout(timer);
    };
  }, [outlines, bits, lowest, height, widest]);

  // Colour moves no corner: it has its own way to the scene, and only when it changed.
  const tints = derived.parts.map(lookOf).map(({ absorb, body }): LightBulk => ({ absorb, body }));
  const tintsNow = JSON.stringify(tints, (_, v: unknown) =>
    typeof v === 'number' ? Number(v.toPrecision(4)) : v,
  );
  useEffect(() => {
    scene.current?.setTints(JSON.parse(tintsNow) as LightBulk[]);
  }, [tintsNow]);

  useEffect(() => {
    const lines = (carried?.carried.final ?? []).map((outline) => {
      const places = carried ? onSkin(carried.map, 'final', outline) : [];
      return new Float32Array(
        places.flatMap(({ radius, angle, height }) => [
          (radius + OFF_SKIN) * Math.cos(angle),
          (radius + OFF_SKIN) * Math.sin(angle),
          height,
        ]),
      );
    });
    scene.current?.setFigure(lines);
  }, [carried]);

  useEffect(() => {
    const style = getComputedStyle(document.documentElement);
    const colour = (name: string): string => style.getPropertyValue(name).trim();
    scene.current?.setLook({
      board: colour('--room'),
      light: colour('--window'),
      shine: colour('--shine'),
      ink: colour('--ink'),
      edge: Number(colour('--edge')) || 1,
      front: Number(colour('--front')) || 1,
    });
  }, [theme]);

  useEffect(() => {
    scene.current?.turnTo(turn.around, turn.tilt);
  }, [turn]);

  const by = (around: number, tilt: number): void => {
    setTurn((t) => ({
      around: t.around + around,
      tilt: Math.min(TILT_MOST, Math.max(-TILT_MOST, t.tilt + tilt)),
    }));
  };
  const held = useRef<{ x: number; y: number }>(undefined);
  const move = (event: PointerEvent): void => {
    const from = held.current;
    if (!from) return;
    by((event.clientX - from.x) / 90, (event.clientY - from.y) / 140);
    held.current = { x: event.clientX, y: event.clientY };
  };
  const key = (event: KeyboardEvent): void => {
    const step = KEYS[event.key];
    if (!step) return;
    event.preventDefault();
    by(step[0] * STEP, step[1] * STEP);
  };
  const degrees = Math.round((((turn.around * 180) / Math.PI) % 360) + 360) % 360;

  return (
    <div className="relative h-full min-h-[300px] bg-(--board)">
      {failed ? (
        <p className="quiet px-4 py-10 text-center">{tr`This browser draws no solid pictures; the section shows all there is.`}</p>
      ) : (
        <div
          role="slider"
          tabIndex={0}
          aria-label={tr`Turn the glass`}
          aria-valuemin={0}
          aria-valuemax={359}
          aria-valuenow={degrees}
          aria-valuetext={`${String(degrees)}°`}
          className="absolute inset-0 cursor-grab touch-none active:cursor-grabbing"
          onPointerDown={(e) => {
            e.currentTarget.setPointerCapture(e.pointerId);
            held.current = { x: e.clientX, y: e.clientY };
          }}
          onPointerMove={move}
          onPointerUp={() => {
            held.current = undefined;
          }}
          onPointerCancel={() => {
            held.current = undefined;
          }}
          onKeyDown={key}
        >
          <canvas ref={canvas} className="block h-full w-full" aria-hidden="true" />
        </div>
      )}
      {lost && (
        <div className="absolute inset-0 flex flex-col items-center justify-center gap-3 bg-(--board)">
          <p role="status">{tr`The browser took the turning glass away.`}</p>
          <button type="button" className="btn btn-outline btn-sm" onClick={onAgain}>
            {tr`Draw it again`}
          </button>
        </div>
      )}
      <Depths text={(v) => printText(v, 'length', units)} />
    </div>
  );
}

/** The same array for as long as it holds the same things. */
function useSame<T>(values: readonly T[]): readonly T[] {
  const [kept, setKept] = useState(values);
  const same = kept.length === values.length && kept.every((v, i) => v === values[i]);
  // State set while rendering: React's own way of remembering something of an earlier render.
  if (!same) setKept(values);
  return same ? kept : values;
}

const KEYS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const SHOWN = [0.001, 0.003, 0.006, 0.012, 0.025, 0.05];

/** How deep the tint stands for how much glass along the line of sight. */
function Depths({ text }: { readonly text: (v: number) => string }) {
  const colour = (t: number): string =>
    `rgb(${lightAfter(t)
      .map((v) => String(Math.round(235 * v ** (1 / 2.2))))
      .join(' ')})`;
  return (
    <div className="num pointer-events-none absolute inset-x-3 bottom-1.5 text-xs text-(--chalk-dim)">
      <div className="flex">
        {SHOWN.map((t) => (
          <span key={t} className="h-2 flex-1" style={{ background: colour(t) }} />
        ))}
      </div>
      <p className="flex justify-between">
        <span>{text(SHOWN[0] as number)}</span>
        <span className="font-sans tracking-normal">{tr`glass to look through`}</span>
        <span>{text(SHOWN[SHOWN.length - 1] as number)}</span>
      </p>
    </div>
  );
}
