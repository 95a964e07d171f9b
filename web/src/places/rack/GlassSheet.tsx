// The rack's glasses: for now the representative ones, each as a bar of what it does at what temperature.
import {
  consistency,
  fitVft,
  logViscosity,
  printText,
  REPRESENTATIVE_GLASSES,
  strainPoint,
  type Glass,
} from '@zanfirico/core';
import { useDisplay } from '../../stores/display';

const FROM = 350;
const TO = 1400;
/** A stretch narrower than this has no room for its word, K. */
const WORD_FITS = 40;
const SAMPLES = 500;
const TINT: Readonly<Record<string, string>> = {
  brittle: '#4a5358',
  set: '#6d4a3c',
  stiff: '#97452a',
  workable: '#cf5f22',
  soft: '#f08a35',
  runny: '#fbc06a',
};

interface Stretch {
  readonly band: string;
  readonly from: number;
  readonly to: number;
}

/** The bands of a glass along the temperature scale, °C. */
export function bandStretches(glass: Glass): Stretch[] {
  const vft = fitVft(glass);
  const stretches: Stretch[] = [];
  for (let i = 0; i < SAMPLES; i += 1) {
    const from = FROM + ((TO - FROM) * i) / SAMPLES;
    const to = FROM + ((TO - FROM) * (i + 1)) / SAMPLES;
    const band = consistency(logViscosity(vft, (from + to) / 2));
    const last = stretches[stretches.length - 1];
    if (last?.band === band) stretches[stretches.length - 1] = { ...last, to };
    else stretches.push({ band, from, to });
  }
  return stretches;
}

const share = (t: number): string => `${String(((t - FROM) / (TO - FROM)) * 100)}%`;

export function GlassSheet() {
  const units = useDisplay((s) => s.units);
  const text = (t: number): string => printText(t, 'temperature', units);
  return (
    <>
      <p className="mt-2 max-w-3xl leading-snug">
        The representative glasses every piece can be made of, by what they do under a tool.{' '}
        <span className="quiet">
          To come: your own glasses and colours, and whether they hold together.
        </span>
      </p>
      <div className="num quiet relative mt-6 ml-64 h-6 text-xs" aria-hidden="true">
        {[400, 600, 800, 1000, 1200, 1400].map((t) => (
          <span
            key={t}
            className="absolute -translate-x-1/2 whitespace-nowrap"
            style={{ left: share(t) }}
          >
            {text(t)}
          </span>
        ))}
      </div>
      <ul>
        {REPRESENTATIVE_GLASSES.map((g) => (
          <li key={g.id} className="border-base-300 flex items-center border-b py-3">
            <div className="w-64 shrink-0 pr-4">
              <h2 className="text-xl">{g.name}</h2>
              <p className="quiet text-sm leading-tight">
                {g.family === 'hard' ? 'Hard' : 'Soft'} glass · {(g.expansion * 1e7).toFixed(0)}{' '}
                ×10⁻⁷/K
              </p>
            </div>
            <div className="min-w-0 flex-1">
              <div className="relative h-9">
                {bandStretches(g).map((s) => (
                  <span
                    key={s.band}
                    className="absolute flex h-full items-center justify-center overflow-hidden border-r border-black/50 text-sm font-bold whitespace-nowrap"
                    style={{
                      left: share(s.from),
                      width: share(FROM + s.to - s.from),
                      background: TINT[s.band],
                      color: ['workable', 'soft', 'runny'].includes(s.band) ? '#1a0e06' : '#fff',
                    }}
                  >
                    {s.to - s.from > WORD_FITS ? s.band : ''}
                  </span>
                ))}
              </div>
              <p className="num mt-1 flex flex-wrap gap-x-5 text-sm">
                <span>strain {text(strainPoint(g))}</span>
                <span>annealing {text(g.annealing)}</span>
                <span>softening {text(g.softening)}</span>
                <span>working {text(g.working)}</span>
                <span>{g.density} kg/m³</span>
                <span className="quiet font-sans">{g.source}</span>
              </p>
            </div>
          </li>
        ))}
      </ul>
    </>
  );
}
