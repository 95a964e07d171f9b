// The teacher's wall: who is at which step, whose piece has been out too long, whose gather was half, and whose turn it is at the hole.
// To be read from the far bench.
import { trNodes } from '../../words/trNodes';
import type { ClassDocument } from '@zanfirico/contract/class';
import { fairHole, gathersTaken, outTooLong, type Turn } from '@zanfirico/core/class';
import type { AtHole } from '@zanfirico/core/making';
import { tr, trWord } from '@zanfirico/core/words';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { sentenceOf } from '../../api/client';
import { studioNow } from '../../api/server';
import { useFollowed, type FollowedMaking } from '../../making/followed';
import { useStanding } from '../../making/useStanding';
import { atBenches, useClass, useClasses, useClassMakings } from '../../class/useClass';
import { ironWeight } from '../../class/ironWeight';
import { stepName } from '../../marks/braid/stepNames';
import { clockText } from '../../marks/braid/strands';
import { VerdictWord } from '../../marks/Verdict';
import { useShopHere } from '../../stores/useShopHere';
import { useTick, WallFrame } from '../wall/WallFrame';

/** The class whose wall it is: the one named, else the only one, else one is chosen. */
export function ClassWall() {
  const { id } = useParams();
  const all = useClasses();
  const named = id ?? (all.data?.length === 1 ? all.data[0]?.id : undefined);
  if (named !== undefined) return <OfClass id={named} />;
  return (
    <WallFrame title={tr`Class`} heardAt={all.dataUpdatedAt || undefined}>
      {all.data?.length === 0 && (
        <p className="quiet mt-[3vmin] text-[4vmin]">{tr`No class is set up yet.`}</p>
      )}
      <ul className="mt-[2vmin] text-[4vmin]">
        {(all.data ?? []).map((c) => (
          <li key={c.id}>
            <Link to={`/wall/class/${c.id}`} className="link">
              {c.name}
            </Link>
          </li>
        ))}
      </ul>
    </WallFrame>
  );
}

function OfClass({ id }: { readonly id: string }) {
  useShopHere();
  const lesson = useClass(id);
  const makings = useClassMakings(id);
  const now = useTick();
  const [stands, setStands] = useState<ReadonlyMap<string, AtHole>>(new Map());
  const onStands = useCallback((bench: string, hole: AtHole | undefined): void => {
    setStands((all) => {
      const next = new Map(all);
      if (hole) next.set(bench, hole);
      else next.delete(bench);
      return next;
    });
  }, []);
  const trouble = lesson.error ?? makings.error;
  const { data } = lesson;
  if (!data)
    return (
      <WallFrame title={tr`Class`} heardAt={undefined}>
        <p role="status" className="quiet mt-[3vmin] text-[4vmin]">
          {trouble ? sentenceOf(trouble) : tr`Fetching the class …`}
        </p>
      </WallFrame>
    );
  const benches = atBenches(data, makings.data ?? [], now);
  const turns = fairHole([...stands.values()], data.atOnce);
  return (
    <WallFrame title={data.name} heardAt={makings.dataUpdatedAt || undefined}>
      <Hole turns={turns} />
      <ul
        aria-label={tr`Benches`}
        className={`mt-[1.5vmin] grid flex-1 content-start gap-x-[4vmin] gap-y-[1.5vmin] ${benches.length > 1 ? 'md:grid-cols-2' : ''}`}
        style={{ fontSize: `${String(lettering(benches.length))}vmin` }}
      >
        {benches.map(({ bench, making }) => (
          <li key={bench} className="border-base-300 border-t pt-[0.8vmin]">
            {making ? (
              <OneBench
                key={making.id}
                lesson={data}
                bench={bench}
                id={making.id}
                student={making.student}
                rehearsal={making.rehearsal}
                onStands={onStands}
              />
            ) : (
              <p className="text-[1.25em] leading-tight">
                {bench} <span className="quiet">{tr`${namesOf(data, bench)}: not begun`}</span>
              </p>
            )}
          </li>
        ))}
      </ul>
      {benches.length === 0 && (
        <p className="quiet text-[4vmin]">{tr`Put the class in pairs at benches first.`}</p>
      )}
    </WallFrame>
  );
}

/** The fewer benches, the larger: to be read from the far one. vmin */
const lettering = (benches: number): number => (benches <= 2 ? 5.4 : benches <= 4 ? 4.4 : 3.2);

const namesOf = ({ benches, students }: ClassDocument, bench: string): string =>
  (benches.find((b) => b.name === bench)?.pair ?? [])
    .flatMap((id) => students.find((s) => s.id === id)?.name ?? [])
    .join(tr` and `);

const WHY: Readonly<Record<Turn['because'], string>> = {
  in: tr`is in`,
  brittle: tr`brittle: slowly, at the door first`,
  cold: tr`going cold`,
  'its turn': tr`its turn`,
};

function Hole({ turns }: { readonly turns: readonly Turn[] }) {
  return (
    <section aria-label={tr`At the hole`} className="mt-[1.5vmin] text-[4.4vmin] leading-tight">
      {turns.length === 0 ? (
        <p className="quiet">{tr`The hole is free, and nobody waits.`}</p>
      ) : (
        <ol className="flex flex-wrap gap-x-[3.5vmin]">
          {turns.map((t, i) => (
            <li
              key={t.bench}
              className={t.late ? 'text-error' : t.because === 'in' ? '' : 'text-warning'}
            >
              <b>
                {t.because === 'in'
                  ? tr`In: `
                  : `${String(i + 1 - turns.filter((x) => x.because === 'in').length)}. `}
                {t.bench}
              </b>{' '}
              <span className="text-[3vmin]">
                {t.because === 'in'
                  ? ''
                  : `${WHY[t.because]}${t.waits > 0 ? tr`, waits ${clockText(t.waits)}` : tr`, go in`}${t.late ? tr`: too late, give way` : ''}`}
              </span>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

/** Tells the wall how a bench stands, every second; and that it stands there no more when it goes. */
function useTold(
  bench: string,
  hole: AtHole | undefined,
  second: number,
  onStands: (bench: string, hole: AtHole | undefined) => void,
): void {
  const now = useRef(hole);
  useEffect(() => {
    now.current = hole;
  });
  useEffect(() => {
    onStands(bench, now.current);
  }, [bench, second, onStands]);
  useEffect(
    () => () => {
      onStands(bench, undefined);
    },
    [bench, onStands],
  );
}

interface OneProps {
  readonly lesson: ClassDocument;
  readonly bench: string;
  readonly id: string;
  readonly student: string;
  readonly rehearsal: boolean;
  readonly onStands: (bench: string, hole: AtHole | undefined) => void;
}

function OneBench(props: OneProps) {
  const followed = useFollowed(props.id);
  if (!followed) return <p className="quiet text-[3vmin]">{tr`Fetching ${props.bench} …`}</p>;
  return <Bench {...props} followed={followed} />;
}

const OUT_WORDS = {
  'in the fire': 'in the fire',
  'no glass yet': 'no glass yet',
  brittle: 'out, brittle',
  'brittle soon': 'out, brittle soon',
  'long out': 'out long',
  out: 'out',
} as const;

function Bench({
  lesson,
  bench,
  student,
  rehearsal,
  followed,
  onStands,
}: OneProps & { readonly followed: FollowedMaking }) {
  const shown = useTick();
  const { begin, events, state } = followed;
  const standing = useStanding(bench, followed, shown, studioNow);
  const { hole, step, next, since, place, of, derived } = standing;
  const ended = state.ended !== undefined || rehearsal;
  // The wall asks who is coldest of all: each bench tells it how it stands.
  const second = Math.floor(shown / 1000);
  useTold(bench, ended ? undefined : hole, second, onStands);
  const out = outTooLong(hole);
  const gather = gathersTaken(events, ironWeight(derived)).at(-1);
  const name = lesson.students.find((s) => s.id === student)?.name ?? begin.lesson?.student ?? '';
  return (
    <>
      <p className="flex flex-wrap items-baseline gap-x-[2vmin] text-[1.06em] leading-tight">
        <b className="text-[1.25em]">{name}</b>
        <span className="quiet">
          {bench}
          {rehearsal && tr`, rehearsing`}
        </span>
        <span className="quiet ml-auto">
          {trNodes`${(<span className="num">{(place ?? of - 1) + 1}</span>)} of ${(<span className="num">{of}</span>)}`}
        </span>
      </p>
      <p className="font-display text-[2em] leading-none font-semibold">
        {state.ended
          ? state.ended.how === 'boxed'
            ? tr`in the box`
            : tr`given up`
          : step
            ? stepName(step)
            : tr`into the box`}
      </p>
      {!ended && (
        <p className="flex flex-wrap items-baseline gap-x-[2vmin] text-[1em] leading-tight">
          <span>
            {trWord(OUT_WORDS[out.says])}{' '}
            {hole.fire && <b className="num text-[1.6em]">{clockText(hole.fire.since)}</b>}
          </span>
          {out.verdict !== 'good' && <VerdictWord verdict={out.verdict} />}
          {gather && gather.verdict !== 'right' && (
            <b className="text-warning">
              {gather.verdict === 'half' ? tr`half a gather` : tr`gathered too much`}
              {gather.share !== undefined && (
                <span className="num"> {Math.round(100 * gather.share)} %</span>
              )}
            </b>
          )}
          <span className="quiet">
            {trNodes`at it ${(<span className="num">{clockText(since)}</span>)}`}
            {next && tr`, then ${stepName(next)}`}
          </span>
        </p>
      )}
    </>
  );
}
