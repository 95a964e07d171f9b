// The rack at this build-up: every colour as it would look here, and whether it would hold.
import type { PieceColour } from '@zanfirico/contract';
import { asFitGlass, hexOf, judgeStack, over, WHITE, type Colour } from '@zanfirico/core';
import { CircleCheck, OctagonX, TriangleAlert } from 'lucide-react';
import { changePart } from '../../../stores/draft';
import type { Colouring } from './useColouring';

/** A colour not yet laid is looked at this deep in the wall, m: an ordinary overlay after blowing. From memory. */
const ORDINARY = 0.0005;
const MARK = { good: CircleCheck, watch: TriangleAlert, no: OctagonX } as const;
const TONE = { good: 'text-success', watch: 'text-warning', no: 'text-error' } as const;
const DEPTHS = [3, 1.7, 1, 0.6, 0.3];

export function RackPicker({ colouring }: { readonly colouring: Colouring }) {
  const { index, laid, part, wall, form, tolerance, rack } = colouring;
  const glass = asFitGlass(part.glass);
  // Each on its own over a wall of the part's glass: what it would bring, whatever else is laid.
  const judged = (c: Colour) =>
    judgeStack(
      [
        { glass, thickness: wall },
        { glass: c, thickness: ORDINARY },
      ],
      form,
      { tolerance },
    );
  const add = (c: Colour): void => {
    const layer: PieceColour = {
      colour: c.id,
      after: 1,
      amount:
        c.look === 'transparent'
          ? { kind: 'bar', length: 0.02, diameter: 0.028 }
          : { kind: 'passes', count: 2 },
    };
    changePart(index, { colours: [...laid, layer] });
  };
  return (
    <section className="mt-5" aria-label="Colours in the rack">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h2 className="text-2xl">The rack, here</h2>
        <p className="quiet text-sm">
          each from three times to a third of {(ORDINARY * 1e3).toFixed(1)} mm deep, and whether{' '}
          {(ORDINARY * 1e3).toFixed(1)} mm of it alone would hold on this wall. Representative
          values, invented names.
        </p>
      </div>
      <ul className="mt-2 grid grid-cols-2 gap-x-6 gap-y-1 md:grid-cols-3 xl:grid-cols-4">
        {rack.map((c) => {
          const fit = judged(c);
          const Mark = MARK[fit.verdict.verdict];
          return (
            <li key={c.id}>
              <button
                type="button"
                className="hover:bg-base-300/40 flex w-full items-center gap-3 py-1 text-left"
                aria-label={`Lay ${c.name}: ${fit.verdict.verdict}, ${(fit.tension / 1e6).toFixed(1)} MPa`}
                onClick={() => {
                  add(c);
                }}
              >
                <span
                  className="flex h-8 w-20 shrink-0 overflow-hidden rounded-sm"
                  aria-hidden="true"
                >
                  {DEPTHS.map((d) => (
                    <span
                      key={d}
                      className="flex-1"
                      style={{ background: hexOf(over(c.seen, d * ORDINARY, WHITE)) }}
                    />
                  ))}
                </span>
                <span className="min-w-0 flex-1 leading-tight">
                  <span className="block truncate">{c.name}</span>
                  <span className="quiet num text-sm">{(c.expansion * 1e7).toFixed(0)}</span>{' '}
                  <span className={`text-sm ${TONE[fit.verdict.verdict]}`}>
                    <Mark className="mb-0.5 inline size-3.5" aria-hidden="true" />{' '}
                    {fit.verdict.verdict}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
