// Taking a rack table in: read in a worker, told row by row what could not be read, sent in batches one can stop.
import { IMPORT_BATCH } from '@zanfirico/contract';
import { useEffect, useRef, useState } from 'react';
import { sentenceOf } from '../../api/client';
import type { RackTable } from '../../imports/rackFromCsv';
import { tooBig } from '../../imports/tooBig';
import { Dialog } from '../../shell/Dialog';
import { useNotices } from '../../stores/notices';
import { useRack } from '../../stores/theRack';
import { rack as rackWorker } from '../../workers/workers';

const MOST_BYTES = 20e6;
/** Rows told one by one; of more only how many. */
const TOLD = 12;

export function TakeRackIn({ onClose }: { readonly onClose: () => void }) {
  const takeIn = useRack((s) => s.takeIn);
  const own = useRack((s) => s.own);
  const say = useNotices((s) => s.say);
  const [reading, setReading] = useState(false);
  const [table, setTable] = useState<RackTable>();
  const [problem, setProblem] = useState<string>();
  const [done, setDone] = useState<number>();
  const stopped = useRef(false);
  useEffect(
    () => () => {
      stopped.current = true;
    },
    [],
  );

  const read = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    setTable(undefined);
    setProblem(undefined);
    const big = tooBig(file, MOST_BYTES, 'Leave out what you do not own.');
    if (big !== undefined) {
      setProblem(big);
      return;
    }
    setReading(true);
    try {
      const text = await file.text();
      setTable(await rackWorker((w) => w.table(text)));
    } catch (error) {
      setProblem(sentenceOf(error));
    } finally {
      setReading(false);
    }
  };
  const send = async (): Promise<void> => {
    if (!table) return;
    stopped.current = false;
    const { entries } = table;
    try {
      for (let i = 0; i < entries.length; i += IMPORT_BATCH) {
        setDone(i);
        await takeIn(entries.slice(i, i + IMPORT_BATCH));
        // The ref is set by the Stop button while this waits.
        // eslint-disable-next-line @typescript-eslint/no-unnecessary-condition
        if (stopped.current) {
          const kept = Math.min(entries.length, i + IMPORT_BATCH);
          say(`Stopped: ${String(kept)} of ${String(entries.length)} are in the rack.`);
          setDone(undefined);
          return;
        }
      }
      say(`${String(entries.length)} are in the rack.`);
      onClose();
    } catch (error) {
      setProblem(sentenceOf(error));
      setDone(undefined);
    }
  };
  const changed = table?.entries.filter((e) => own.has(e.id)).length ?? 0;
  return (
    <Dialog
      title="A table into the rack"
      onClose={onClose}
      actions={
        <button
          type="button"
          className="btn btn-primary"
          disabled={!table || table.entries.length === 0 || done !== undefined}
          onClick={() => void send()}
        >
          {table ? `Take ${String(table.entries.length)} in` : 'Take in'}
        </button>
      }
    >
      <p className="mt-2 leading-snug">
        One row a glass or colour, the first row naming the columns: <b>name</b>, and of expansion,
        strain, annealing, softening, working, density, holds, look, stock … what there is. Comma,
        semicolon or tab; points or commas as decimals; °F where the column or the cell says so.
      </p>
      <label className="mt-3 flex flex-col">
        <span className="quiet text-sm">CSV table</span>
        <input
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
          className="file-input file-input-sm mt-1"
          onChange={(e) => void read(e.target.files?.[0])}
        />
      </label>
      {reading && <p className="quiet mt-2">Reading …</p>}
      {problem !== undefined && (
        <p role="alert" className="alert alert-error mt-2">
          {problem}
        </p>
      )}
      {table && (
        <div className="mt-3" aria-live="polite">
          <p>
            <b className="num">{table.entries.length}</b> read
            {changed > 0 && `; ${String(changed)} of them change what is in the rack`}
            {table.problems.length > 0 && `; ${String(table.problems.length)} rows could not be`}.
            {table.ignored.length > 0 && (
              <span className="quiet"> Not used: {table.ignored.join(', ')}.</span>
            )}
          </p>
          <ul className="mt-1 text-sm leading-snug">
            {table.problems.slice(0, TOLD).map((p) => (
              <li key={p.row}>
                <span className="num">Row {p.row}</span>: {p.says}
              </li>
            ))}
            {table.problems.length > TOLD && (
              <li className="quiet">and {table.problems.length - TOLD} more</li>
            )}
          </ul>
        </div>
      )}
      {done !== undefined && table && (
        <p className="mt-3 flex items-center gap-3" role="status">
          <progress className="progress w-48" value={done} max={table.entries.length} />
          {done} of {table.entries.length}
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => {
              stopped.current = true;
            }}
          >
            Stop
          </button>
        </p>
      )}
    </Dialog>
  );
}
