// Practices and recipes on this very piece: each simulated, on one chart, with hours, energy and verdict.
import type { Practice } from '@zanfirico/contract/piece';
import type { Recipe } from '@zanfirico/contract/shop';
import {
  lossOf,
  PRACTICES,
  type CheckedNight,
  type KilnCurve,
  type Outcome,
  type ScheduleInput,
} from '@zanfirico/core/night';
import {
  asRecipe,
  boxLeaves,
  customaryHolds,
  customaryNight,
  follow,
  recipeProblems,
} from '@zanfirico/core/night/asked';
import type { ArrivingBody } from '@zanfirico/core/night/section';
import { printDuration, printText, type DisplayUnits } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { lazy, Suspense, useEffect, useMemo, useState } from 'react';
import { LineMark, lineStyle } from '../marks/LineMark';
import { VerdictMark } from '../marks/Verdict';
import { useDisplay } from '../stores/display';
import { useShop } from '../stores/theShop';
import { sentenceOf } from '../api/client';
import { night } from '../workers/workers';
import { checkedNight } from './nights';
import { RecipeEditor } from './RecipeEditor';
import { verdictOf } from './verdictOf';
import { HeadRow } from '../marks/HeadRow';

const CurvesChart = lazy(async () => ({
  default: (await import('../marks/CurvesChart')).CurvesChart,
}));

interface Row {
  readonly id: string;
  readonly name: string;
  readonly ask: () => Promise<Told>;
  readonly recipe?: Recipe;
}
interface Told {
  readonly curve: KilnCurve;
  readonly outcome: Outcome;
}

const NONE: readonly Recipe[] = [];

interface Props {
  readonly input: ScheduleInput;
  /** The same as it comes from the bench, where that is known: what a short soak leaves goes by it. */
  readonly coming: ScheduleInput;
  readonly lastIn: string;
  readonly checked: CheckedNight;
}

/** "skin 520 °C to 560 °C, middle up to 610 °C". */
function saysArriving(arrives: readonly ArrivingBody[], units: DisplayUnits): string {
  const skins = arrives.map((b) => b.skin);
  const said = (v: number): string => printText(v, 'temperature', units);
  const [low, high] = [Math.min(...skins), Math.max(...skins)];
  const middle = Math.max(...arrives.map((b) => b.middle));
  return tr`skin ${low === high ? said(low) : tr`${said(low)} to ${said(high)}`}, middle up to ${said(middle)}`;
}

/** What is compared: what most shops do, the shop's recipes, other holds and practices; asked one after another. */
function useCompared(input: Props['input'], coming: Props['coming'], recipes: readonly Recipe[]) {
  const [told, setTold] = useState<{
    for: readonly Row[];
    by: ReadonlyMap<string, Told | string>;
  }>();
  const rows = useMemo((): readonly Row[] => {
    const at = (holdTemperature: number, practice: Practice) => (): Promise<Told> =>
      checkedNight({ ...input, holdTemperature, practice });
    const judged = (recipe: Recipe) => (): Promise<Told> => night((w) => w.recipe(coming, recipe));
    const customary = customaryNight(input);
    return [
      // What most shops do, first: judged on this piece like any recipe.
      { id: 'customary', name: customary.name, recipe: customary, ask: judged(customary) },
      ...recipes.map((recipe, i) => ({
        id: `recipe${String(i)}`,
        name: recipe.name,
        recipe,
        ask: judged(recipe),
      })),
      ...customaryHolds(input.glass).map((h) => ({
        id: `hold${String(h.fahrenheit)}`,
        name: tr`Held at ${h.fahrenheit} °F`,
        ask: at(h.at, input.practice),
      })),
      ...(Object.keys(PRACTICES) as Practice[])
        .filter((p) => p !== input.practice)
        .map((p) => ({
          id: p,
          name: PRACTICES[p].name(),
          ask: at(input.holdTemperature, p),
        })),
    ];
  }, [input, coming, recipes]);
  useEffect(() => {
    let live = true;
    const by = new Map<string, Told | string>();
    const next = async (): Promise<void> => {
      for (const row of rows) {
        const problems = row.recipe ? recipeProblems(row.recipe, input.box) : [];
        if (problems[0]) by.set(row.id, problems[0].says);
        else by.set(row.id, await row.ask().catch(sentenceOf));
        if (!live) return;
        setTold({ for: rows, by: new Map(by) });
      }
    };
    void next();
    return () => {
      live = false;
    };
  }, [rows, input.box]);
  return { rows, here: told?.for === rows ? told.by : new Map<string, Told | string>() };
}

export function Compare({ input, coming, lastIn, checked }: Props) {
  const units = useDisplay((s) => s.units);
  const recipes = useShop((s) => s.shop?.document.recipes) ?? NONE;
  const [editing, setEditing] = useState<Recipe>();
  const { rows, here } = useCompared(input, coming, recipes);
  const leavesAt = (recipe: Recipe): number | undefined => boxLeaves(recipe, input.box);
  const mine = { curve: checked.curve, outcome: checked.outcome };
  const all: readonly (Row | { id: string; name: string; recipe?: undefined })[] = [
    { id: 'tonight', name: tr`Tonight, as set` },
    ...rows,
  ];
  const of = (id: string): Told | string | undefined => (id === 'tonight' ? mine : here.get(id));
  const curves = all.flatMap((row) => {
    const t = of(row.id);
    return t === undefined || typeof t === 'string'
      ? []
      : [{ id: row.id, name: row.name, curve: t.curve, lead: row.id === 'tonight' }];
  });
  const drawn = (id: string): number =>
    Math.max(
      0,
      curves.findIndex((c) => c.id === id),
    );
  return (
    <section aria-label={tr`Compared`}>
      <Suspense fallback={<div className="h-[230px]" />}>
        <CurvesChart curves={curves} lastIn={lastIn} named={false} />
      </Suspense>
      <div className="relative overflow-x-auto">
        <table className="table w-full">
          <caption className="sr-only">{tr`Practices and recipes on this piece, each simulated`}</caption>
          <HeadRow
            columns={[tr`night`, tr`to the door`, tr`energy`, tr`stays`, tr`passes`, tr`verdict`]}
            left={[tr`verdict`]}
          />
          <tbody className="num text-right text-[0.95rem]">
            {all.map((row) => {
              const t = of(row.id);
              const practice = row.id in PRACTICES ? (row.id as Practice) : input.practice;
              return (
                <tr key={row.id} className="border-base-300 border-b">
                  <th scope="row" className="py-1 text-left font-sans font-normal">
                    <span className="mr-2 inline-block align-middle">
                      <LineMark {...lineStyle(drawn(row.id), row.id === 'tonight')} />
                    </span>
                    {row.recipe ? (
                      <button
                        type="button"
                        className="underline"
                        onClick={() => {
                          setEditing(row.recipe);
                        }}
                      >
                        {row.name}
                      </button>
                    ) : (
                      row.name
                    )}
                  </th>
                  {t === undefined || typeof t === 'string' ? (
                    <td colSpan={5} className="quiet text-left font-sans">
                      {t ?? tr`working …`}
                    </td>
                  ) : (
                    <>
                      <td>{printDuration(t.curve.time[t.curve.time.length - 1] as number)}</td>
                      <td>{printText(follow(t.curve, input.box).energy, 'energy', units)}</td>
                      <td>{printText(t.outcome.kept, 'stress', units)}</td>
                      <td>{printText(t.outcome.worst.stress, 'stress', units)}</td>
                      <td className="pl-4 text-left font-sans">
                        <VerdictMark verdict={verdictOf(t.outcome, { ...input, practice })} />
                        {row.recipe && leavesAt(row.recipe) !== undefined && (
                          <span className="quiet block text-sm">{tr`Below ${printText(leavesAt(row.recipe) ?? 0, 'temperature', units)} this box cannot fall that fast; from there it follows itself.`}</span>
                        )}
                      </td>
                    </>
                  )}
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <p className="quiet mt-1 text-sm leading-snug">
        {tr`Schools differ on hold and haste; each is put through the same piece`}
        {coming.arrives &&
          tr`, recipes as it comes from the bench: ${saysArriving(coming.arrives, units)}`}
        {tr`. Energy from the last piece in, for a box that holds with ${printText(lossOf(input.box) * (input.holdTemperature - input.box.room), 'power', units)}`}
        .
      </p>
      <RecipeEditor
        key={editing?.name ?? 'new'}
        input={input}
        from={editing ?? asRecipe(checked.schedule, '', input.holdTemperature)}
        known={editing !== undefined && recipes.includes(editing)}
        begins={editing !== undefined}
        onDone={() => {
          setEditing(undefined);
        }}
      />
    </section>
  );
}
