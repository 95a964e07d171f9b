// Every event of the makings that were found, as one table: fetched one after another, told how far, and stopped by a key.
import { trNodes } from '../../words/trNodes';
import { tr } from '@zanfirico/core/words';
import { FileDown, X } from 'lucide-react';
import { useRef, useState } from 'react';
import { readAllOf, fetchMaking, type LogAsked } from '../../api/client';
import { dayOf } from '../../clock/days';
import { download } from '../../exports/download';
import { eventsCsv } from '../../exports/makingCsv';
import { troubled } from '../../stores/troubled';

export function TakeEvents({
  asked,
  people,
}: {
  readonly asked: LogAsked;
  readonly people: boolean;
}) {
  const [far, setFar] = useState<{ readonly done: number; readonly of: number }>();
  const going = useRef<AbortController>(undefined);
  const take = async (): Promise<void> => {
    const { signal } = (going.current = new AbortController());
    const lines = await readAllOf(asked);
    const makings: Awaited<ReturnType<typeof fetchMaking>>[] = [];
    for (const [i, line] of lines.entries()) {
      if (signal.aborted) return;
      setFar({ done: i, of: lines.length });
      makings.push(await fetchMaking(line.id));
    }
    download(`events.${dayOf(Date.now())}.csv`, 'text/csv', eventsCsv(makings, people));
  };
  if (far)
    return (
      <button
        type="button"
        className="btn btn-ghost btn-sm"
        onClick={() => {
          going.current?.abort();
        }}
      >
        <X className="size-4" />
        <span>
          {trNodes`Stop at ${(<span className="num">{far.done}</span>)} of ${(<span className="num">{far.of}</span>)}`}
        </span>
      </button>
    );
  return (
    <button
      type="button"
      className="btn btn-ghost btn-sm"
      onClick={() => {
        take()
          .catch(troubled)
          .finally(() => {
            setFar(undefined);
          });
      }}
    >
      <FileDown className="size-4" /> {tr`Their events (CSV)`}
    </button>
  );
}
