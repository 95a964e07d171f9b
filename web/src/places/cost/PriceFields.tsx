// What the shop pays, and how its furnace is shared out; kept with the shop.
import { tr } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import type { ShopDocument } from '@zanfirico/contract/shop';
import type { ShopPrices } from '@zanfirico/core/cost';
import { Choice } from '../../fields/Choice';
import { CountField } from '../../fields/CountField';
import { QuantityField } from '../../fields/QuantityField';
import { changeShop } from '../../stores/changeShop';

type Costs = NonNullable<ShopDocument['costs']>;

/** Kept with what was said before; hour and glass are always there. */
const keep = (change: Partial<Costs>, prices: ShopPrices): void => {
  changeShop((shop) => ({
    costs: { hour: prices.hour, glass: prices.glass, ...shop.costs, ...change },
  }));
};

const MONEY = [
  ['hour', tr`An hour who leads`],
  ['helper', tr`An hour who helps`],
  ['glass', tr`A kilogram of glass`],
  ['colour', tr`A kilogram of colour`],
  ['kwh', tr`A kilowatt hour`],
  ['consumables', tr`Used up by each`],
] as const satisfies readonly (readonly [keyof Costs, string])[];

export function PriceFields({
  prices,
  way,
}: {
  readonly prices: ShopPrices;
  readonly way: 'furnace' | 'torch' | 'kiln';
}) {
  return (
    <fieldset className="fieldset mt-4">
      <legend className="fieldset-legend">{tr`What the shop pays`}</legend>
      <div className="grid grid-cols-2 gap-x-6 gap-y-2">
        {MONEY.map(([key, label]) => (
          <CountField
            key={key}
            label={label}
            value={prices[key]}
            step={0.01}
            within={LIMITS.money}
            onCommit={(v) => {
              keep({ [key]: v }, prices);
            }}
          />
        ))}
        <label className="flex flex-col">
          <span className="quiet text-sm">{tr`Its money’s sign`}</span>
          <input
            className="input w-full text-right"
            maxLength={6}
            key={prices.money}
            defaultValue={prices.money}
            placeholder={tr`none`}
            onBlur={(e) => {
              const money = e.target.value.trim();
              if (money !== '' && money !== prices.money) keep({ money }, prices);
            }}
          />
        </label>
        <CountField
          label={tr`Margin, of 100 asked`}
          value={Math.round(100 * prices.margin)}
          min={0}
          max={95}
          onCommit={(v) => {
            keep({ margin: v / 100 }, prices);
          }}
        />
        {way !== 'kiln' && (
          <QuantityField
            label={way === 'torch' ? tr`The torch burns` : tr`The glory hole burns`}
            kind="power"
            value={prices.burns}
            within={LIMITS.furnacePower}
            onCommit={(burns) => {
              keep({ burns }, prices);
            }}
          />
        )}
        {way === 'furnace' && (
          <CountField
            label={tr`Clear scrap put back, of 100`}
            value={Math.round(100 * prices.returned)}
            min={0}
            max={100}
            onCommit={(v) => {
              keep({ returned: v / 100 }, prices);
            }}
          />
        )}
      </div>
      {way === 'furnace' && (
        <>
          <Choice
            legend={tr`The furnace’s standing is shared by`}
            value={prices.furnaceBy}
            options={[
              { value: 'kilograms', label: tr`kilograms` },
              { value: 'hours', label: tr`bench hours` },
            ]}
            onChange={(furnaceBy) => {
              keep({ furnaceBy }, prices);
            }}
          />
          {prices.furnaceBy === 'kilograms' ? (
            <CountField
              label={tr`Kilograms gathered a month`}
              value={prices.kilogramsAMonth}
              min={0}
              max={100_000}
              onCommit={(kilogramsAMonth) => {
                keep({ kilogramsAMonth }, prices);
              }}
            />
          ) : (
            <CountField
              label={tr`Bench hours a month`}
              value={prices.hoursAMonth}
              min={0}
              max={744}
              onCommit={(hoursAMonth) => {
                keep({ hoursAMonth }, prices);
              }}
            />
          )}
        </>
      )}
    </fieldset>
  );
}
