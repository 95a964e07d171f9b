// The week: what is made when and due when, and which load of which annealer it goes into.
import { GoingOn } from '../../night/Going';
import { fileName } from '@zanfirico/contract';
import type { Week, WeekLoad } from '@zanfirico/core/night/asked';
import { printDuration } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { momentOf, toMinute } from '../../clock/moments';
import { addDays, format, fromUnixTime } from 'date-fns';
import { useTonight, type WantedTonight } from '../../stores/tonight';
import { withOne } from '../../stores/withOne';
import { Timeline } from './Timeline';
import { ToCalendar } from './ToCalendar';
import { MeantPieces } from './MeantPieces';
import { manyNamed, soMany } from './useShelf';
import { useWeekPlan } from './useWeekPlan';
import { TroubleLine } from '../../marks/TroubleLine';

/** No loads yet: the days to come stand empty. */
const NOTHING: Week = { loads: [], homeless: [], late: [] };

/** Local date and time as a field wants it: "2026-11-26T16:30". */
const fieldOf = (d: Date): string => format(d, "yyyy-MM-dd'T'HH:mm");
const words = (seconds: number): string => format(toMinute(fromUnixTime(seconds)), 'EEE HH:mm');

/** Today at the last piece in, and the morning of the day after tomorrow. */
function usual(lastIn: string): Omit<WantedTonight, 'count'> {
  const now = new Date();
  return {
    ready: fieldOf(momentOf(lastIn, now)),
    due: fieldOf(momentOf('10:00', addDays(now, 2))),
  };
}

export function WeekView() {
  const t = useTonight();
  const { week } = t;
  const { shelf, boxes, idle, answer, nameOf } = useWeekPlan();
  const failure = answer.state === 'failed' ? answer.says : undefined;
  const plan = answer.state === 'here' ? answer.value : undefined;
  const title = (l: WeekLoad): string => manyNamed(l.pieces, nameOf);
  const put = (id: string, wanted: WantedTonight | undefined): void => {
    t.set({ week: withOne(week, id, wanted) });
  };
  return (
    <div className="flex h-full flex-col xl:flex-row">
      <div className="min-w-0 flex-1 px-5 py-3">
        <h2 className="text-3xl">{tr`The week`}</h2>
        {idle && (
          <p className="py-3 text-lg">{tr`Put in the pieces to come, how many of each, and the days they are made and wanted; which load of which annealer each goes into is worked out.`}</p>
        )}
        {idle && boxes.length > 0 && (
          <Timeline plan={NOTHING} annealers={boxes.map((b) => b.name)} title={title} />
        )}
        {!idle && answer.state === 'asked' && (
          <GoingOn says={tr`Each piece’s night is being worked out`} share={answer.share} />
        )}
        {failure !== undefined && <TroubleLine className="py-4">{failure}</TroubleLine>}
        {plan && (
          <>
            <p className="text-lg leading-snug" aria-live="polite">
              {plan.loads.length} {plan.loads.length === 1 ? tr`load` : tr`loads`}
              {plan.late.length === 0 && plan.homeless.length === 0
                ? tr`; everything is out by its date.`
                : '.'}
            </p>
            {plan.late.map((l) => (
              <p key={l.id} className="text-warning leading-snug">
                {tr`${soMany(l.count, nameOf(l.id))} ${l.count === 1 ? tr`comes` : tr`come`} out ${printDuration(l.seconds)} late: make ${l.count === 1 ? tr`it` : tr`them`} sooner, thinner, or promise ${l.count === 1 ? tr`it` : tr`them`} later.`}
              </p>
            ))}
            {plan.homeless.length > 0 && (
              <TroubleLine>
                {tr`${plan.homeless.map(nameOf).join(', ')}: no annealer is large enough.`}
              </TroubleLine>
            )}
            <Timeline plan={plan} annealers={boxes.map((b) => b.name)} title={title} />
            <table className="table mt-3 w-full">
              <caption className="sr-only">{tr`Loads of the week`}</caption>
              <thead>
                <tr className="quiet border-base-300 border-b text-left text-sm">
                  <th scope="col" className="font-normal">{tr`annealer`}</th>
                  <th scope="col" className="font-normal">{tr`last in`}</th>
                  <th scope="col" className="font-normal">{tr`door`}</th>
                  <th scope="col" className="font-normal">{tr`pieces`}</th>
                </tr>
              </thead>
              <tbody>
                {plan.loads.map((l) => (
                  <tr key={`${l.annealer}${String(l.lastIn)}`} className="border-base-300 border-b">
                    <th scope="row" className="py-1 text-left font-normal">
                      {l.annealer}
                    </th>
                    <td className="num">{words(l.lastIn)}</td>
                    <td className="num">{words(l.door)}</td>
                    <td>{title(l)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            <ToCalendar
              says={tr`All of it (iCalendar)`}
              file="week.ics"
              entries={() =>
                plan.loads.map((l) => ({
                  id: fileName(l.annealer),
                  annealer: l.annealer,
                  name: `${l.annealer}: ${title(l)}`,
                  lastIn: fromUnixTime(l.lastIn),
                  door: fromUnixTime(l.door),
                }))
              }
            />
            <p className="quiet mt-2 text-sm leading-snug">{tr`A load’s night is its slowest piece’s, by simulation, at its annealing point, in that annealer. Found by moving pieces about: not proven the best.`}</p>
          </>
        )}
      </div>
      <div className="border-base-300 no-print w-full shrink-0 border-l px-5 py-3 xl:w-[27rem]">
        <MeantPieces
          legend={tr`To be made`}
          shelf={shelf}
          countOf={(id) => week[id]?.count ?? 0}
          onCount={(id, count) => {
            put(id, count > 0 ? { ...(week[id] ?? usual(t.lastIn)), count } : undefined);
          }}
          more={(p) => {
            const wanted = week[p.id];
            return (
              wanted && (
                <div className="mt-1 grid grid-cols-2 gap-x-3">
                  {(['ready', 'due'] as const).map((which) => (
                    <label key={which} className="flex flex-col">
                      <span className="quiet text-sm">
                        {which === 'ready' ? tr`made by` : tr`wanted by`}
                      </span>
                      <input
                        type="datetime-local"
                        className="input text-sm"
                        aria-label={`${p.name}, ${which === 'ready' ? tr`made by` : tr`wanted by`}`}
                        value={wanted[which]}
                        onChange={(e) => {
                          if (e.target.value !== '')
                            put(p.id, { ...wanted, [which]: e.target.value });
                        }}
                      />
                    </label>
                  ))}
                </div>
              )
            );
          }}
        />
      </div>
    </div>
  );
}
