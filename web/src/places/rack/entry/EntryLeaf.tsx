// One glass or colour in hand: how it looks, what is known of it and by whom, what is on the rack.
import type { RackEntry } from '@zanfirico/contract/rack';
import type { Changes } from '@zanfirico/core/edits';
import { reactionFamily } from '@zanfirico/core/fit';
import { doubtsOf, type RackLine } from '@zanfirico/core/rack';
import { tr, trWord } from '@zanfirico/core/words';
import { Archive, ArchiveRestore, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { readSymbols } from '../../../imports/symbols';
import { VerdictMark } from '../../../marks/Verdict';
import { NumberTable } from './NumberTable';
import { Oxides } from './Oxides';
import { PairTests } from './PairTests';
import { Samples } from './Samples';
import { SeenFields } from './SeenFields';
import { StockLines } from './StockLines';
import { TextField } from '../../../fields/TextField';
import { useEntry } from './useEntry';

const SIDES = {
  gives: 'Gives sulphur or selenium: darkens where it touches copper, lead or silver.',
  takes: 'Holds copper, lead or silver: darkens where it touches sulphur, selenium or cadmium.',
  both: 'Stands on both sides of the dark-line reaction.',
  neither: 'Neither side of the dark-line reaction.',
} as const;

export function EntryLeaf({ line }: { readonly line: RackLine }) {
  const { entry, own, colour } = line;
  const { change, drop, retire } = useEntry(line);
  const tick = (label: string, value: boolean, patch: (on: boolean) => Changes<RackEntry>) => (
    <label className="flex items-center gap-2">
      <input
        type="checkbox"
        className="checkbox checkbox-sm"
        checked={value}
        onChange={(e) => {
          change(patch(e.target.checked));
        }}
      />
      {label}
    </label>
  );
  return (
    <section aria-label={entry.name} className="pb-8">
      <h2 className="sr-only">{entry.name}</h2>
      <div className="flex items-baseline gap-2">
        <div className="flex-1">
          <NameOf key={entry.name} entry={entry} onChange={change} />
        </div>
        {entry.retired && <span className="quiet text-sm">{tr`retired`}</span>}
      </div>
      <p className="quiet text-sm leading-tight">
        {entry.kind === 'glass' ? tr`A glass` : tr`A colour`},{' '}
        {entry.family === 'other' ? tr`metal or mineral` : trWord(entry.family)};{' '}
        {own
          ? tr`your own`
          : tr`shipped, invented and representative: change anything to make it yours`}
      </p>
      <Samples colour={colour} deep={entry.kind === 'glass'} />
      <Part title={tr`Numbers`}>
        <NumberTable line={line} onChange={change} />
        {doubtsOf(entry, line.spoken).map((d) => (
          <VerdictMark key={d.because} verdict={d} />
        ))}
        <div className="mt-2 grid grid-cols-2 gap-3">
          <TextField
            label={tr`Sheet from`}
            value={entry.sheetFrom ?? ''}
            most={200}
            onCommit={(sheetFrom) => {
              change({ sheetFrom: sheetFrom === '' ? undefined : sheetFrom });
            }}
          />
          <TextField
            label={tr`Measured how`}
            value={entry.measuredHow ?? ''}
            most={200}
            onCommit={(measuredHow) => {
              change({ measuredHow: measuredHow === '' ? undefined : measuredHow });
            }}
          />
        </div>
      </Part>
      <Part title={tr`Look`}>
        <SeenFields line={line} onChange={change} />
      </Part>
      <Part title={tr`What it holds`}>
        <TextField
          label={tr`Colouring metals and the like`}
          value={entry.holds.join(', ')}
          most={60}
          read={readSymbols}
          onCommit={(holds) => {
            change({ holds });
          }}
        />
        <p className="quiet mt-1 text-sm leading-tight">{trWord(SIDES[reactionFamily(entry)])}</p>
        <div className="mt-2 flex flex-wrap gap-x-5 gap-y-1">
          {tick(tr`strikes`, entry.strikes, (strikes) => ({ strikes }))}
          {tick(tr`keep off food and lips`, entry.keepOffFood, (keepOffFood) => ({ keepOffFood }))}
        </div>
        {entry.keepOffFood && (
          <p className="text-warning mt-1 text-sm leading-tight">{tr`Lead or cadmium: no bare powder in the air, no dry sweeping; the supplier’s safety sheet decides.`}</p>
        )}
      </Part>
      <Part title={tr`On the rack`}>
        <StockLines entry={entry} onChange={change} />
      </Part>
      <PairTests id={entry.id} />
      <Part title={tr`Composition`}>
        <Oxides line={line} onChange={change} />
      </Part>
      <Part title={tr`Notes`}>
        <TextField
          label={tr`Notes`}
          bare
          value={entry.notes ?? ''}
          most={1000}
          onCommit={(notes) => {
            change({ notes: notes === '' ? undefined : notes });
          }}
        />
      </Part>
      {own && (
        <div className="mt-5 flex gap-2">
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => {
              retire(!entry.retired);
            }}
          >
            {entry.retired ? <ArchiveRestore className="size-4" /> : <Archive className="size-4" />}
            {entry.retired ? tr`Bring it back` : tr`Retire it`}
          </button>
          <button type="button" className="btn btn-ghost btn-sm" onClick={drop}>
            <Trash2 className="size-4" /> {tr`Take it out`}
          </button>
        </div>
      )}
    </section>
  );
}

function NameOf({
  entry,
  onChange,
}: {
  readonly entry: RackEntry;
  readonly onChange: (patch: Changes<RackEntry>) => void;
}) {
  return (
    <TextField
      label={tr`Name`}
      bare
      strong
      value={entry.name}
      most={60}
      read={(text) =>
        text === '' ? { ok: false, problem: tr`It needs a name.` } : { ok: true, value: text }
      }
      onCommit={(name) => {
        onChange({ name });
      }}
    />
  );
}

function Part({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <div className="mt-5">
      <h3 className="text-xl">{title}</h3>
      {children}
    </div>
  );
}
