// What the glow of a strand and the marks across it mean, in this glass: from runny to set.
import type { BandSpan } from '@zanfirico/core/glass';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { useDisplay } from '../../stores/display';
import { shine } from './shine';
import { MARKS } from './stiffness';

const WIDE = 44;
/** Shown this far above where a band begins, °C: nobody works the hottest of it. */
const SHOWN_ABOVE = 40;

/** Colours of heat, by their bands. */
export function HeatLegend({ spans }: { readonly spans: readonly BandSpan[] }) {
  const units = useDisplay((s) => s.units);
  return (
    <ul
      aria-label={tr`Heat of the strands`}
      className="mt-1 mb-2 flex flex-wrap gap-x-4 text-sm leading-tight"
    >
      {spans
        .filter((s) => s.band !== 'brittle')
        .map(({ band, from }) => (
          <li key={band} className="flex items-center gap-1.5">
            <svg width={WIDE} height={12} aria-hidden="true" className="bg-(--board)">
              <rect y={1} width={WIDE} height={10} fill={shine(from + SHOWN_ABOVE)} />
              <path
                d={Array.from(
                  { length: Math.floor(WIDE / MARKS[band]) },
                  (_, k) => `M${String((k + 0.5) * MARKS[band])} 0v12`,
                ).join('')}
                stroke="var(--board)"
                strokeWidth={1.4}
              />
            </svg>
            {trWord(band)}
            <span className="quiet">{tr`above ${printText(from, 'temperature', units)}`}</span>
          </li>
        ))}
    </ul>
  );
}
