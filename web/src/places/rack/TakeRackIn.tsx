// Taking a rack table in: read in a worker, told row by row what could not be read, sent in batches one can stop.
import { trNodes } from '../../words/trNodes';
import { tr, trWord } from '@zanfirico/core/words';
import { useEffect, useRef, useState } from 'react';
import { sentenceOf } from '../../api/client';
import type { RackTable, RowRead } from '../../imports/rackFromCsv';
import { tooBig } from '../../imports/tooBig';
import { Dialog } from '../../shell/Dialog';
import { batches } from '../../stores/batches';
import { useNotices } from '../../stores/notices';
import { useRack } from '../../stores/theRack';
import type { RunningWork } from '../../workers/remote';
import { startTable } from '../../workers/workers';
import { troubled } from '../../stores/troubled';
import { TroubleLine } from '../../marks/TroubleLine';

const MOST_BYTES = 20e6;
/** Rows told one by one; of more only how many. */
const TOLD = 12;
const SHOWN = 200;

/** Fields as a person calls them, where that is another word. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  strainPoint: tr`strain point`,
  annealing: tr`annealing point`,
  softening: tr`softening point`,
  working: tr`working point`,
  youngsModulus: 'stiffness',
  specificHeat: tr`specific heat`,
  stressOptical: tr`stress-optical coefficient`,
  keepOffFood: tr`keep off food`,
  sheetFrom: tr`where the sheet is from`,
  measuredHow: tr`how it was measured`,
  seen: tr`look of the sample`,
};

/** What a table would do, row by row. */
function WhatItDoes({ table }: { readonly table: RackTable }) {
  const doing = (what: RowRead['does']): RowRead[] => table.rows.filter((r) => r.does === what);
  const [adds, changes, leaves] = [doing('adds'), doing('changes'), doing('leaves')];
  const count = adds.length + changes.length;
  return (
    <div className="mt-3" aria-live="polite">
      <p>
        {trNodes`${(<b className="num">{table.rows.length}</b>)} read: ${adds.length} new, ${changes.length} that change what is in the rack, ${leaves.length} that change nothing`}
        {table.problems.length > 0 &&
          tr`; ${table.problems.length} ${table.problems.length === 1 ? tr`row` : tr`rows`} could not be read`}
        .
        {table.ignored.length > 0 && (
          <span className="quiet">{tr` Not used: ${table.ignored.join(', ')}.`}</span>
        )}
      </p>
      <ol
        className="border-base-300 mt-2 max-h-48 overflow-y-auto border-y text-sm leading-snug"
        aria-label={tr`What each row does`}
      >
        {[...changes, ...adds].slice(0, SHOWN).map((r) => (
          <li key={r.row} className="flex gap-2 py-0.5">
            <span className="num quiet w-16 shrink-0">{tr`row ${r.row}`}</span>
            <span className="flex-1">{r.entry.name}</span>
            <span className={r.does === 'changes' ? 'text-warning' : 'quiet'}>
              {r.does === 'adds'
                ? tr`new ${trWord(r.entry.kind)}`
                : tr`changes ${r.what.map((f) => FIELD_WORDS[f] ?? f).join(', ')}`}
            </span>
          </li>
        ))}
        {count > SHOWN && <li className="quiet">{tr`and ${count - SHOWN} more`}</li>}
      </ol>
      <ul className="mt-1 text-sm leading-snug">
        {table.problems.slice(0, TOLD).map((p) => (
          <li key={p.row}>
            <span className="num">{tr`Row ${p.row}`}</span>: {p.says}
          </li>
        ))}
        {table.problems.length > TOLD && (
          <li className="quiet">{tr`and ${table.problems.length - TOLD} more`}</li>
        )}
      </ul>
    </div>
  );
}

export function TakeRackIn({ onClose }: { readonly onClose: () => void }) {
  const { takeIn, undoTakeIn } = useRack.getState();
  const say = useNotices((s) => s.say);
  const [reading, setReading] = useState(false);
  const [table, setTable] = useState<RackTable>();
  const [problem, setProblem] = useState<string>();
  const [done, setDone] = useState<number>();
  const stopped = useRef(false);
  const under = useRef<RunningWork<RackTable>>(undefined);
  useEffect(
    () => () => {
      stopped.current = true;
      under.current?.stop();
    },
    [],
  );

  const read = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    setTable(undefined);
    setProblem(undefined);
    const big = tooBig(file, MOST_BYTES, tr`Leave out what you do not own.`);
    if (big !== undefined) {
      setProblem(big);
      return;
    }
    setReading(true);
    try {
      const text = await file.text();
      const known = useRack.getState().rack.lines.map((l) => l.entry);
      under.current = startTable(text, known);
      const read = await under.current.done;
      if (read) setTable(read);
    } catch (error) {
      setProblem(sentenceOf(error));
    } finally {
      setReading(false);
    }
  };
  const send = async (): Promise<void> => {
    if (!table) return;
    stopped.current = false;
    const entries = table.rows.filter((r) => r.does !== 'leaves').map((r) => r.entry);
    const before = new Map(useRack.getState().own);
    const back = (count: number) => ({
      label: tr`Undo`,
      run: () => {
        undoTakeIn(entries.slice(0, count), before).then(() => {
          say(tr`The rack is as it was before that table.`);
        }, troubled);
      },
    });
    try {
      let kept = 0;
      for (const lot of batches(entries)) {
        setDone(kept);
        await takeIn(lot);
        kept += lot.length;
        // The ref is set by the Stop button while this waits.
        // eslint-disable-next-line @typescript-eslint/no-unnecessary-condition
        if (stopped.current) {
          say(tr`Stopped: ${kept} of ${entries.length} are in the rack.`, back(kept));
          setDone(undefined);
          return;
        }
      }
      say(tr`${entries.length} are in the rack.`, back(entries.length));
      onClose();
    } catch (error) {
      setProblem(sentenceOf(error));
      setDone(undefined);
    }
  };
  const count = table?.rows.filter((r) => r.does !== 'leaves').length ?? 0;
  return (
    <Dialog
      title={tr`A table into the rack`}
      onClose={onClose}
      actions={
        <button
          type="button"
          className="btn btn-primary"
          disabled={count === 0 || done !== undefined}
          onClick={() => void send()}
        >
          {table ? tr`Take ${count} in` : tr`Take in`}
        </button>
      }
    >
      <p className="mt-2 leading-snug">{trNodes`One row a glass or colour, the first row naming the columns: ${(<b>name</b>)}, and of expansion, strain, annealing, softening, working, density, holds, look, stock … what there is. Comma, semicolon or tab; points or commas as decimals; °F where the column or the cell says so.`}</p>
      <label className="mt-3 flex flex-col">
        <span className="quiet text-sm">{tr`CSV table`}</span>
        <input
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
          className="file-input file-input-sm mt-1"
          onChange={(e) => void read(e.target.files?.[0])}
        />
      </label>
      {reading && (
        <p className="mt-2" role="status">
          {tr`Reading … `}
          <button
            type="button"
            className="btn btn-sm btn-outline ml-2"
            onClick={() => under.current?.stop()}
          >
            {tr`Stop`}
          </button>
        </p>
      )}
      {problem !== undefined && <TroubleLine className="mt-2">{problem}</TroubleLine>}
      {table && <WhatItDoes table={table} />}
      {done !== undefined && table && (
        <p className="mt-3 flex items-center gap-3" role="status">
          <progress className="progress w-48" value={done} max={count} />
          {tr`${done} of ${count}`}
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => {
              stopped.current = true;
            }}
          >
            {tr`Stop`}
          </button>
        </p>
      )}
    </Dialog>
  );
}
