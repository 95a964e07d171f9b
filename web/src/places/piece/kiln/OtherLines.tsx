// A customary firing, typed, read from a table or kept with the shop: judged for this piece, whatever it was written for.
import type { Recipe } from '@zanfirico/contract/shop';
import { trNodes } from '../../../words/trNodes';
import { hangsAt, judgeFiring, mouldProblem, slump } from '@zanfirico/core/kiln';
import type { Box } from '@zanfirico/core/night';
import { printDuration, printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { useMemo, useState } from 'react';
import { RecipeEditor } from '../../../night/RecipeEditor';
import { SelectField } from '../../../fields/SelectField';
import { VerdictMark } from '../../../marks/Verdict';
import { useDisplay } from '../../../stores/display';
import { useShop } from '../../../stores/theShop';
import { useShopHere } from '../../../stores/useShopHere';
import { usePiece } from '../usePiece';
import { SHELF_BEARS, type Bears } from '@zanfirico/core/piece';

/** Begun colder than this it is a firing, not a night. */
const COLD = 100;
const NEW = '+';
/** A full fuse as many write it, to begin from. Common practice, no source. */
const BEGIN: Recipe = {
  name: '',
  start: 20,
  lines: [
    { to: 660, rate: 200 / 3600, hold: 1800 },
    { to: 810, hold: 600 },
    { to: 516, hold: 3600 },
    { to: 430, rate: 60 / 3600 },
    { to: 50 },
  ],
};

export function OtherLines({ bears, box }: { readonly bears: Bears; readonly box: Box }) {
  useShopHere();
  const { document, glass, derived, last } = usePiece();
  const units = useDisplay((s) => s.units);
  const recipes = useShop((s) => s.shop?.document.recipes);
  const [name, setName] = useState('');
  const ours = useMemo(() => (recipes ?? []).filter((r) => r.start < COLD), [recipes]);
  const chosen = ours.find((r) => r.name === name);
  const layers = (derived.ok ? derived.fired?.layers : undefined) ?? 1;
  const limit = document.kiln?.limit ?? SHELF_BEARS;
  const judged = useMemo(
    () =>
      chosen &&
      judgeFiring({
        glass,
        lines: chosen.lines,
        start: chosen.start,
        box,
        layers,
        limit,
        ...bears,
      }),
    [chosen, glass, box, layers, limit, bears],
  );
  const { mould } = document.kiln ?? {};
  const thick = derived.ok ? derived.fired?.thick : undefined;
  const hangs = useMemo(
    () =>
      judged && mould && thick !== undefined && mouldProblem(mould) === undefined
        ? hangsAt(slump(mould, glass, thick).between, judged.flowed)
        : undefined,
    [judged, mould, thick, glass],
  );
  if (!last) return null;
  return (
    <section className="mt-2">
      <h2 className="text-xl">{tr`A firing of somebody’s, judged for this piece`}</h2>
      <div className="max-w-80">
        <SelectField label={tr`Which`} value={name} onChange={setName}>
          <option value="">{tr`none`}</option>
          {ours.map((r) => (
            <option key={r.name} value={r.name}>
              {r.name}
            </option>
          ))}
          <option value={NEW}>{tr`type one, or read it from a table …`}</option>
        </SelectField>
      </div>
      {(name === NEW || chosen) && (
        <RecipeEditor
          key={name}
          input={last.night}
          from={chosen ?? BEGIN}
          known={chosen !== undefined}
          begins={name === NEW}
          onDone={(kept = '') => {
            setName(kept);
          }}
        />
      )}
      {judged && (
        <div className="mt-2">
          <p className="text-lg leading-snug">
            {trNodes`${(<span className="capitalize">{trWord(judged.name)}</span>)}: rounds by ${(<b className="num">{printText(judged.rounded, 'length', units)}</b>)}`}
            ,{' '}
            {trNodes`${(<b className="num">{printDuration(judged.air)}</b>)} for its air, ${(<b className="num">{printDuration(judged.cloudy)}</b>)} where it goes cloudy, ${(<b className="num">{printDuration(judged.seconds)}</b>)} in all.`}
            {hangs && (
              <>
                {' '}
                {trNodes`In its mould it hangs ${(<b className="num">{printText(Math.max(...hangs.hangs), 'length', units)}</b>)} deep.`}
              </>
            )}
          </p>
          {judged.remarks.length === 0 && (
            <VerdictMark
              verdict={{ verdict: 'good', because: tr`Nothing is to be said against it.` }}
            />
          )}
          {judged.remarks.map((r) => (
            <div key={r.because} className="my-1">
              <VerdictMark verdict={r} />
            </div>
          ))}
        </div>
      )}
    </section>
  );
}
