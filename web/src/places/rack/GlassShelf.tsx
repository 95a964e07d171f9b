// The rack's glasses, each as a bar of what it does at what temperature.
import { bandSpans, fitVft, type Glass } from '@zanfirico/core/glass';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { SPEAKER_WORDS } from '../../marks/speakers';
import { useDisplay } from '../../stores/display';
import { useRack } from '../../stores/theRack';
import { EntryLeaf } from './entry/EntryLeaf';
import { NewEntry } from './NewEntry';
import { ANY, shelf } from './shelf';
import { TableMenu } from './TableMenu';
import { shownNumber } from '../../fields/shown';

const FROM = 350;
const TO = 1400;
/** A stretch narrower than this has no room for its word, K. */
const WORD_FITS = 60;
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
export const bandStretches = (glass: Glass): Stretch[] =>
  bandSpans(fitVft(glass))
    .map(({ band, from }, i, all) => ({
      band,
      from: Math.max(FROM, from),
      to: Math.min(TO, all[i - 1]?.from ?? TO),
    }))
    .filter((s) => s.to > s.from)
    .reverse();

const share = (t: number): string => `${String(((t - FROM) / (TO - FROM)) * 100)}%`;

export function GlassSheet() {
  const units = useDisplay((s) => s.units);
  const rack = useRack((s) => s.rack);
  const [params, setParams] = useSearchParams();
  const [adding, setAdding] = useState(false);
  const [retired, setRetired] = useState(false);
  const text = (t: number): string => printText(t, 'temperature', units);
  const lines = useMemo(
    () =>
      shelf(rack.lines, 'glass', { ...ANY, retired }).sort((a, b) => Number(b.own) - Number(a.own)),
    [rack.lines, retired],
  );
  const chosen = rack.line(params.get('entry') ?? '') ?? lines[0];
  const take = (id: string): void => {
    setParams({ entry: id }, { replace: true });
  };
  return (
    <div className="mt-3 grid gap-x-8 lg:grid-cols-[1fr_25rem] 2xl:grid-cols-[1fr_34rem]">
      <div className="min-w-0">
        <div className="flex flex-wrap items-center gap-4">
          <p className="min-w-64 flex-1 leading-snug">{tr`What every piece can be made of, by what it does under a tool.`}</p>
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={retired}
              onChange={(e) => {
                setRetired(e.target.checked);
              }}
            />
            {tr`retired too`}
          </label>
          <button
            type="button"
            className="btn btn-primary btn-sm"
            onClick={() => {
              setAdding(true);
            }}
          >
            <Plus className="size-4" /> {tr`Glass`}
          </button>
          <TableMenu />
        </div>
        <div className="num quiet relative mt-4 h-6 text-xs" aria-hidden="true">
          {[400, 600, 800, 1000, 1200, 1400].map((t) => (
            <span
              key={t}
              className={`absolute whitespace-nowrap ${t === 1400 ? '-translate-x-full' : '-translate-x-1/2'}`}
              style={{ left: share(t) }}
            >
              {text(t)}
            </span>
          ))}
        </div>
        <ul>
          {lines.map(
            (line) =>
              line.glass && (
                <li key={line.entry.id} className="border-base-300 border-b">
                  <button
                    type="button"
                    aria-pressed={line === chosen}
                    className={`w-full px-1 py-2.5 text-left ${line === chosen ? 'bg-base-300/50' : 'hover:bg-base-300/25'} ${line.entry.retired ? 'opacity-60' : ''}`}
                    onClick={() => {
                      take(line.entry.id);
                    }}
                  >
                    <span className="flex items-baseline justify-between gap-3">
                      <span className="font-display text-xl font-semibold">{line.entry.name}</span>
                      <span className="quiet text-sm">
                        {trWord(line.entry.family)} ·{' '}
                        <span className="num">{shownNumber(line.glass.expansion * 1e7, 1)}</span>{' '}
                        {SPEAKER_WORDS[line.spoken.expansion.by]}
                        {line.entry.retired && tr` · retired`}
                      </span>
                    </span>
                    <Bands glass={line.glass} />
                    <span className="num mt-1 flex flex-wrap gap-x-4 text-sm">
                      <span>{tr`strain ${text(line.spoken.strainPoint.value)}`}</span>
                      <span>{tr`annealing ${text(line.glass.annealing)}`}</span>
                      <span>{tr`softening ${text(line.glass.softening)}`}</span>
                      <span>{tr`working ${text(line.glass.working)}`}</span>
                    </span>
                  </button>
                </li>
              ),
          )}
        </ul>
      </div>
      <div className="lg:h-[calc(100dvh-9.5rem)] lg:overflow-y-auto lg:pr-2">
        {chosen && (
          <>
            <EntryLeaf key={chosen.entry.id} line={chosen} />
            {chosen.glass && <p className="quiet text-sm">{trWord(chosen.glass.source)}</p>}
          </>
        )}
      </div>
      {adding && (
        <NewEntry
          kind="glass"
          onClose={() => {
            setAdding(false);
          }}
          onMade={take}
        />
      )}
    </div>
  );
}

function Bands({ glass }: { readonly glass: Glass }) {
  return (
    <span className="relative mt-1 block h-8">
      {bandStretches(glass).map((s) => (
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
          {s.to - s.from > WORD_FITS ? trWord(s.band) : ''}
        </span>
      ))}
    </span>
  );
}
