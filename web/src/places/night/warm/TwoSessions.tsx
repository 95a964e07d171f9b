// A piece of two sessions: blank, box, decorated cold, warmed, punty, blown out, box; on one line, with its two nights.
import { trNodes } from '../../../words/trNodes';
import { measureShape } from '@zanfirico/core/form';
import type { ScheduleInput } from '@zanfirico/core/night';
import { printDuration, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useMemo } from 'react';
import { useNight } from '../../../night/useNight';
import { useOpened } from '../../../api/queries';
import { momentOn, today } from '../../../clock/days';
import { dayWords } from '../../../clock/dayWords';
import { DayField } from '../../../fields/DayField';
import { QuantityField } from '../../../fields/QuantityField';
import { TimeField } from '../../../fields/TimeField';
import { VerdictMark } from '../../../marks/Verdict';
import { useDisplay } from '../../../stores/display';
import { useWarm } from '../../../stores/warm';
import { deriveDocument } from '../../../derived/deriveDocument';
import { useFacts } from '../../../derived/useFacts';
import { useShelf } from '../useShelf';
import { FindOnShelf } from '../FindOnShelf';

const NONE: readonly string[] = [];
const DAYS = { minimum: 0, maximum: 30 * 24 * 3600 };

export function TwoSessions({ warms }: { readonly warms: number | undefined }) {
  const { piece, set } = useWarm();
  const meant = useMemo(() => (piece === undefined ? NONE : [piece]), [piece]);
  const shelf = useShelf(meant);
  return (
    <section className="mt-6">
      <h2 className="text-xl">{tr`A piece of two sessions`}</h2>
      {piece === undefined ? (
        <div className="max-w-md">
          <p className="quiet leading-snug">{tr`Blown as a blank, annealed, decorated cold, warmed, taken up again and blown out: choose it, and both its nights stand on one line.`}</p>
          <FindOnShelf shelf={shelf} unseen={shelf.more} />
          <ul>
            {shelf.found.slice(0, 8).map((p) => (
              <li key={p.id}>
                <button
                  type="button"
                  className="btn btn-ghost btn-sm"
                  disabled={!p.piece}
                  onClick={() => {
                    set({ piece: p.id });
                  }}
                >
                  {p.name}
                </button>
              </li>
            ))}
          </ul>
        </div>
      ) : (
        <OneLine id={piece} warms={warms} />
      )}
    </section>
  );
}

function OneLine({ id, warms }: { readonly id: string; readonly warms: number | undefined }) {
  const units = useDisplay((s) => s.units);
  const { day, ready, blankDay, blankIn, decorates, works, set } = useWarm();
  const opened = useOpened(id).data;
  const document = opened?.document;
  const facts = useFacts(document?.making.gatherer, document?.glass);
  const derived = useMemo(
    () => document && deriveDocument(document, facts)?.derived,
    [document, facts],
  );
  const input: ScheduleInput | undefined = derived?.ok === true ? derived.night : undefined;
  const night = useNight(input);
  const blank = useMemo(() => {
    if (!document?.pattern || derived?.ok !== true) return undefined;
    const read = measureShape(document.pattern.blank, derived.night.glass.poisson);
    return read.ok ? { blank: read.shape.widest, final: derived.main.shape.widest } : undefined;
  }, [document, derived]);
  const inBox = momentOn(blankDay ?? today(), blankIn);
  const readyAt = momentOn(day ?? today(1), ready);
  if (!document) return <p className="quiet">{tr`Fetching the piece …`}</p>;
  const hours = night?.schedule.total.value;
  const after = (from: Date | undefined, s: number | undefined): Date | undefined =>
    from && s !== undefined ? new Date(from.getTime() + 1000 * s) : undefined;
  const opens = after(inBox, hours);
  const decorated = after(opens, decorates);
  const begins = after(readyAt, warms === undefined ? undefined : -warms);
  const second = after(readyAt, works);
  const last = after(second, hours);
  const line: readonly (readonly [string, Date | undefined, string])[] = [
    [tr`Blank into the box`, inBox, tr`cracked off its first punty; its mark stays in the base`],
    [tr`Door may open`, opens, hours === undefined ? '' : tr`first night, ${printDuration(hours)}`],
    [
      tr`Decorated`,
      decorated,
      tr`cold: enamel, leaf, cut or sandblasted; its mark ground off or kept`,
    ],
    [tr`Into the warming kiln`, begins, warms === undefined ? '' : tr`${printDuration(warms)} up`],
    [tr`Taken up and blown out`, readyAt, tr`a second punty over the first mark, never beside it`],
    [tr`Into the box again`, second, ''],
    [tr`Door may open`, last, hours === undefined ? '' : tr`second night, ${printDuration(hours)}`],
  ];
  const late = decorated && begins && decorated > begins;
  return (
    <div className="mt-1">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-1">
        <b className="text-lg">{document.name}</b>
        <DayField
          label={tr`Blank made on`}
          value={blankDay ?? today()}
          onCommit={(to) => {
            set({ blankDay: to });
          }}
        />
        <div className="w-24">
          <TimeField
            label={tr`in the box at`}
            value={blankIn}
            onCommit={(v) => {
              set({ blankIn: v });
            }}
          />
        </div>
        <div className="w-32">
          <QuantityField
            label={tr`Decorating takes`}
            kind="time"
            value={decorates}
            within={DAYS}
            nudge={1800}
            onCommit={(v) => {
              set({ decorates: v });
            }}
          />
        </div>
        <div className="w-32">
          <QuantityField
            label={tr`Second session`}
            kind="time"
            value={works}
            within={DAYS}
            nudge={300}
            onCommit={(v) => {
              set({ works: v });
            }}
          />
        </div>
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => {
            set({ piece: undefined });
          }}
        >
          {tr`Another piece`}
        </button>
      </div>
      <ol className="border-primary mt-2 border-l-2">
        {line.map(([what, at, says], i) => (
          <li key={i} className="flex flex-wrap gap-x-3 py-1 pl-3 leading-snug">
            <span className="num w-48">{at ? dayWords(at.getTime()) : '–'}</span>
            <b>{what}</b>
            <span className="quiet">{says}</span>
          </li>
        ))}
      </ol>
      {late && (
        <VerdictMark
          verdict={{
            verdict: 'no',
            because: tr`It is to be in the warming kiln before it is decorated.`,
            remedy: tr`Ready no sooner than ${dayWords(decorated.getTime() + 1000 * (warms ?? 0))}.`,
          }}
        />
      )}
      {night && night.state !== 'checked' && (
        <p className="quiet">{tr`Its night is being simulated …`}</p>
      )}
      <p className="mt-1 leading-snug">
        {blank ? (
          <>
            {trNodes`A figure is laid ${(<b className="num">{(blank.blank / blank.final).toFixed(2)}</b>)} of its final width on the blank (${(<span className="num">{printText(2 * blank.blank, 'length', units)}</span>)} across, blown out to ${(<span className="num">{printText(2 * blank.final, 'length', units)}</span>)}); its Pattern leaf shrinks it place by place.`}
          </>
        ) : (
          tr`A figure on it grows as it is blown out: give it a blank on its Pattern leaf, which shrinks it beforehand.`
        )}
      </p>
    </div>
  );
}
