// Pot: how much glass there is, what it was charged with and when that is fit, and for how long it lasts.
import { trNodes } from '../../words/trNodes';
import type { LogLine } from '@zanfirico/contract/making';
import type { PotEventDocument } from '@zanfirico/contract/pot';
import type { PotDocument } from '@zanfirico/contract/shop';
import type { Glass } from '@zanfirico/core/glass';
import { ORDINARY_MAKING } from '@zanfirico/core/piece';
import { potDepth } from '@zanfirico/core/pot';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useQueryClient } from '@tanstack/react-query';
import { format } from 'date-fns';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { studioNow } from '../../api/server';
import { sentenceOf } from '../../api/client';
import { sendPotEvents } from '../../pot/asks';
import { useDevices } from '../../boxes/useDevices';
import { dayWords } from '../../clock/dayWords';
import { NameField } from '../../fields/NameField';
import { QuantityField } from '../../fields/QuantityField';
import { shownNumber } from '../../fields/shown';
import { cookIn, potNow } from '../../pot/potNow';
import { usePotList, usePotsLog } from '../../pot/usePots';
import { useDisplay } from '../../stores/display';
import { changeShop } from '../../stores/changeShop';
import { useRack } from '../../stores/theRack';
import { useShop } from '../../stores/theShop';
import { troubled } from '../../stores/troubled';
import { useShopHere } from '../../stores/useShopHere';
import { FurnaceNow } from './FurnaceNow';
import { GotInFields } from './GotIn';
import { HeavyField } from './HeavyField';
import { heavyText } from '../../fields/heavy';
import { ChargeIt } from './ChargeIt';
import { PotFields } from './PotFields';
import { PotHistory } from './PotHistory';
import { PotSection } from './PotSection';
import { WANTED_OF_IT } from './wantedOfIt';
import { Scrap } from './Scrap';
import { TroubleLine } from '../../marks/TroubleLine';

const DAY = 86_400_000;
const KWH = 3.6e6;
/** Said so long before it is too shallow, days. */
const SOON = 3;
/** Glass no deeper than this is nothing to plan a gather with, m. */
const LEAST_DEPTH = 0.01;
/** Keeps the shop's pots as they are changed. */
const keep = (pots: readonly PotDocument[]): void => {
  changeShop(() => ({ pots: structuredClone([...pots]) }));
};

export function PotPlace() {
  useShopHere();
  const shop = useShop((s) => s.shop);
  const rack = useRack((s) => s.rack);
  const [at, setAt] = useState(0);
  const [now] = useState(studioNow);
  const pots = usePotList();
  const { events, made, failure } = usePotsLog();
  if (!shop) return <p className="quiet px-6 py-20 text-center">{tr`Fetching the shop …`}</p>;
  const pot = pots[Math.min(at, pots.length - 1)];
  if (!pot) return null;
  const glass = rack.glass(pot.glass);
  const change = (next: PotDocument): void => {
    keep(pots.map((p) => (p.id === pot.id ? next : p)));
  };
  return (
    <div className="mx-auto w-full max-w-6xl px-6 py-6">
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <h1 className="text-4xl">{tr`Pot`}</h1>
        {pots.length > 1 &&
          pots.map((p, i) => (
            <button
              key={p.id}
              type="button"
              aria-pressed={p.id === pot.id}
              className={`btn btn-sm ${p.id === pot.id ? 'btn-primary' : 'btn-ghost'}`}
              onClick={() => {
                setAt(i);
              }}
            >
              {p.name}
            </button>
          ))}
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => {
            const n = 1 + Math.max(0, ...pots.map((p) => Number(/\d+$/.exec(p.id)?.[0] ?? 0)));
            keep([...pots, { ...pot, id: `pot${String(n)}`, name: tr`pot ${n}` }]);
            setAt(pots.length);
          }}
        >
          <Plus className="size-4" /> {tr`another pot`}
        </button>
      </div>
      {failure && <TroubleLine className="mt-3">{sentenceOf(failure)}</TroubleLine>}
      {glass ? (
        <ThePot
          key={pot.id}
          pot={pot}
          glass={glass}
          now={now}
          events={events}
          made={made}
          onChange={change}
        />
      ) : (
        <TroubleLine className="mt-3">
          {tr`The rack has no glass “${pot.glass}”: choose another below.`}
        </TroubleLine>
      )}
      {!glass && <PotFields pot={pot} onChange={change} />}
    </div>
  );
}

/** How much stands in it, for how long that lasts, and when it was dipped. */
function LevelTold({
  stands: { mine, at, level, depth, aDay, left },
  glass,
  allowance,
}: {
  readonly stands: ReturnType<typeof potNow>;
  readonly glass: Glass;
  readonly allowance: number;
}) {
  const units = useDisplay((s) => s.units);
  const mass = (kg: number): string => heavyText(kg, units);
  return mine.length === 0 ? (
    <p className="text-xl leading-snug">{tr`How deep does the glass stand? Dip it, and it is reckoned from there: by what is charged, and by what the makings of the log take.`}</p>
  ) : (
    <>
      <p className="text-3xl leading-tight">
        {trNodes`${(<b className="num">{mass(level.mass)}</b>)} of ${glass.name}, ${(<span className="num">{printText(depth, 'length', units)}</span>)} deep`}
      </p>
      <p className="mt-1 text-lg leading-snug">
        {left === undefined ? (
          tr`Nothing was taken these two weeks.`
        ) : (
          <>
            {trNodes`${(<span className="num">{mass(aDay)}</span>)} a day: `}
            <span className={left < SOON ? 'text-warning' : ''}>
              {tr`too shallow to gather from `}
              {left < 1 / 24
                ? tr`now`
                : tr`in ${shownNumber(left, left < 10 ? 1 : 0)} days, ${format(at + left * DAY, 'EEEE d MMM')}`}
            </span>
            . {left < SOON && <b>{tr`Charge it.`}</b>}
          </>
        )}
      </p>
      {level.short > 0 && (
        <p role="status" className="text-warning">
          {tr`More was taken than there was by the reckoning, by ${mass(level.short)}: dip it.`}
        </p>
      )}
      <p className="quiet leading-snug">
        {level.dipped === undefined
          ? tr`It was never dipped: this is reckoning alone.`
          : tr`Dipped ${dayWords(level.dipped)}${level.off === undefined || mine[0]?.at === level.dipped ? '' : tr`; the reckoning was off by ${mass(Math.abs(level.off))}`}.`}{' '}
        {tr`Makings of this glass take what is drawn and ${shownNumber(100 * allowance, 0)} % of moil.`}
      </p>
    </>
  );
}

/** What a charge takes until it is fit, kWh; undefined where the furnace never brings it there. */
const kwhOf = (pot: PotDocument, glass: Glass, mass: number, there: number): number | undefined => {
  const { used } = cookIn(pot, glass, { mass, there, kind: 'pellets', at: pot.cooking });
  return used === undefined ? undefined : used / KWH;
};

function ThePot({
  pot,
  glass,
  now,
  events,
  made,
  onChange,
}: {
  readonly pot: PotDocument;
  readonly glass: Glass;
  readonly now: number;
  readonly events: readonly PotEventDocument[];
  readonly made: readonly LogLine[];
  readonly onChange: (pot: PotDocument) => void;
}) {
  const units = useDisplay((s) => s.units);
  const queries = useQueryClient();
  const allowance =
    useShop((s) => s.shop?.document.learnt?.allowance?.factor) ?? ORDINARY_MAKING.allowance;
  const depthPlanned = useShop((s) => s.shop?.document.potDepth);
  const { form } = pot;
  const { density } = glass;
  const stands = potNow(pot, glass, events, made, allowance, now);
  const { mine, level, holds, depth } = stands;
  const [today] = useState(() => new Date(now));
  const [tonight, setTonight] = useState<number>();
  const furnace = useDevices().devices.find(
    (d) => d.device.kind === 'furnace' && d.device.of === pot.id,
  );
  const mass = (kg: number): string => heavyText(kg, units);
  const send = (event: object): void => {
    const moment = studioNow();
    sendPotEvents([
      { id: crypto.randomUUID(), pot: pot.id, at: moment, ...event } as PotEventDocument,
    ])
      .then(() => queries.invalidateQueries({ queryKey: ['pots'] }))
      .catch(troubled);
  };
  return (
    <div className="mt-3 grid gap-x-10 gap-y-6 *:min-w-0 lg:grid-cols-[26rem_1fr]">
      <div>
        <PotSection
          form={form}
          density={density}
          depth={depth}
          least={potDepth(form, pot.least / density)}
          tonight={tonight === undefined ? undefined : potDepth(form, tonight / density)}
          temperature={furnace?.reading?.temperature ?? pot.working}
          label={tr`${pot.name}: ${mass(level.mass)} of ${mass(holds)}, ${printText(depth, 'length', units)} deep`}
        />
        <details className="mt-3">
          <summary className="cursor-pointer">{tr`What it is`}</summary>
          <div className="mt-2">
            <NameField
              label={tr`Name of the pot`}
              value={pot.name}
              fallback={tr`the pot`}
              onChange={(name) => {
                onChange({ ...pot, name });
              }}
            />
            <PotFields pot={pot} onChange={onChange} />
          </div>
        </details>
      </div>
      <div>
        <LevelTold stands={stands} glass={glass} allowance={allowance} />
        <div className="mt-3 flex flex-wrap items-end gap-4">
          <div className="w-36">
            <QuantityField
              label={tr`Dipped: it stands deep`}
              kind="length"
              value={Math.round(1000 * depth) / 1000}
              min={0}
              max={form.height}
              onCommit={(v) => {
                send({ kind: 'dipped', depth: v });
              }}
            />
          </div>
          {(['taken', 'given back'] as const).map((kind) => (
            <div key={kind} className="w-36">
              <HeavyField
                label={kind === 'taken' ? tr`Taken besides` : tr`Given back, clear`}
                value={0}
                within={{ minimum: 0, maximum: holds }}
                onCommit={(kg) => {
                  if (kg > 0) send({ kind, mass: kg });
                }}
              />
            </div>
          ))}
          <button
            type="button"
            className="btn btn-outline btn-sm"
            disabled={depthPlanned !== undefined && Math.abs(depthPlanned - depth) < 0.0005}
            onClick={() => {
              if (depth >= LEAST_DEPTH)
                changeShop(() => ({ potDepth: Math.round(1000 * depth) / 1000 }));
            }}
          >
            {tr`Plan gathers with this depth`}
          </button>
        </div>
        {furnace && <FurnaceNow now={furnace} pot={pot.name} />}
        {WANTED_OF_IT.map((Wanted, i) => (
          <Wanted
            key={i}
            pot={pot}
            today={today}
            onTonight={setTonight}
            kwhOf={(kg, there) => kwhOf(pot, glass, kg, there)}
          />
        ))}
        <ChargeIt
          pot={pot}
          furnace={furnace}
          glass={glass}
          there={level.mass}
          now={now}
          onCharge={(what, kg) => {
            send({ kind: 'charged', what, mass: kg });
          }}
        />
        {level.mass > 0 && <GotInFields glass={glass} there={level.mass} holds={holds} />}
        <Scrap
          made={made.filter((l) => l.glass === pot.glass)}
          entries={mine}
          allowance={allowance}
          onBack={(kg) => {
            send({ kind: 'given back', mass: kg, says: tr`clear scrap` });
          }}
        />
        <PotHistory
          entries={mine}
          onStrike={(event) => {
            send({ kind: 'struck', event });
          }}
        />
      </div>
    </div>
  );
}
