// A recipe as the shop has it: lines typed or read from a table, kept for every piece.
import type { Recipe, RecipeLine } from '@zanfirico/contract/shop';
import { LIMITS } from '@zanfirico/contract';
import type { ScheduleInput } from '@zanfirico/core/night';
import { recipeProblems } from '@zanfirico/core/night/asked';
import { tr } from '@zanfirico/core/words';
import { Plus, Upload } from 'lucide-react';
import { useCallback, useMemo, useState } from 'react';
import { sentenceOf } from '../api/client';
import { QuantityField } from '../fields/QuantityField';
import { recipeFromCsv } from '../imports/recipeFromCsv';
import { FileButton } from '../shell/FileButton';
import { useNotices } from '../stores/notices';
import { useShop } from '../stores/theShop';
import { RecipeLines } from './RecipeLines';
import { TroubleLine } from '../marks/TroubleLine';

interface Props {
  readonly input: ScheduleInput;
  readonly from: Recipe;
  /** It is one of the shop's already. */
  readonly known: boolean;
  /** Open from the beginning. */
  readonly begins: boolean;
  /** Told the name of what was kept; nothing where none was. */
  readonly onDone: (kept?: string) => void;
}

/** What it is called, where it starts, and a table to take it from. */
function RecipeHead({
  recipe,
  setRecipe,
}: {
  readonly recipe: Recipe;
  readonly setRecipe: (recipe: Recipe) => void;
}) {
  const { trouble } = useNotices.getState();
  return (
    <div className="flex flex-wrap items-end gap-3">
      <label className="flex flex-col">
        <span className="quiet text-sm">{tr`Called`}</span>
        <input
          className="input w-56"
          maxLength={40}
          value={recipe.name}
          onChange={(e) => {
            setRecipe({ ...recipe, name: e.target.value });
          }}
        />
      </label>
      <div className="w-36">
        <QuantityField
          label={tr`Starts at`}
          kind="temperature"
          value={recipe.start}
          within={LIMITS.recipeTemperature}
          nudge={1}
          onCommit={(start) => {
            setRecipe({ ...recipe, start });
          }}
        />
      </div>
      <FileButton
        className="btn btn-ghost btn-sm"
        label={tr`Recipe table`}
        accept=".csv,text/csv,text/plain"
        onFile={(chosen) => {
          void chosen.text().then((text) => {
            const read = recipeFromCsv(text, chosen.name.replace(/\.\w+$/, ''), recipe.start);
            if (read.ok) setRecipe(read.recipe);
            else trouble(read.says);
          });
        }}
      >
        <Upload className="size-4" /> {tr`From a table (CSV)`}
      </FileButton>
    </div>
  );
}

const MOST = 60;
export function RecipeEditor({ input, from, known, begins, onDone }: Props) {
  const [open, setOpen] = useState(begins);
  const [recipe, setRecipe] = useState<Recipe>(from);
  const { shop, save } = useShop();
  const { say, trouble } = useNotices.getState();
  const problems = useMemo(() => recipeProblems(recipe, input.box), [recipe, input.box]);
  const put = useCallback((i: number, patch: Partial<RecipeLine>): void => {
    setRecipe((r) => ({
      ...r,
      lines: r.lines.map((l, k) => (k === i ? { ...l, ...patch } : l)),
    }));
  }, []);
  const takeOut = useCallback((i: number): void => {
    setRecipe((r) => ({ ...r, lines: r.lines.filter((_, k) => k !== i) }));
  }, []);
  const others = (shop?.document.recipes ?? []).filter((r) => r.name !== from.name || !known);
  const store = (next: readonly Recipe[], told: string, kept?: string): void => {
    if (!shop) return;
    const recipes = next.map((r) => ({
      name: r.name.trim(),
      start: r.start,
      lines: r.lines.map((l) => ({
        to: l.to,
        ...(l.rate !== undefined && { rate: l.rate }),
        ...(l.hold !== undefined && { hold: l.hold }),
      })),
    }));
    save({ ...shop.document, recipes }).then(
      () => {
        say(told);
        setOpen(false);
        onDone(kept);
      },
      (error: unknown) => {
        trouble(sentenceOf(error));
      },
    );
  };
  if (!open)
    return (
      <div className="mt-2 flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          disabled={!shop || others.length >= MOST}
          onClick={() => {
            setOpen(true);
          }}
        >
          <Plus className="size-4" /> {tr`A recipe of ours`}
        </button>
      </div>
    );
  const name = recipe.name.trim();
  return (
    <fieldset className="border-base-300 mt-3 border-t pt-2">
      <legend className="font-display pr-2 text-xl font-semibold">
        {known ? from.name : tr`A recipe of ours`}
      </legend>
      <RecipeHead recipe={recipe} setRecipe={setRecipe} />
      <RecipeLines lines={recipe.lines} put={put} takeOut={takeOut} />
      <p className="quiet mt-1 text-sm">{tr`No speed: as fast as the box can.`}</p>
      {problems.map((p) => (
        <TroubleLine key={p.says}>{p.says}</TroubleLine>
      ))}
      <div className="mt-2 flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => {
            const last = recipe.lines[recipe.lines.length - 1];
            setRecipe({
              ...recipe,
              lines: [...recipe.lines, { to: last?.to ?? recipe.start, hold: 3600 }],
            });
          }}
        >
          <Plus className="size-4" /> {tr`Line`}
        </button>
        <button
          type="button"
          className="btn btn-primary btn-sm"
          disabled={name === '' || problems.length > 0 || others.some((r) => r.name === name)}
          onClick={() => {
            store(
              [...(others as readonly Recipe[]), recipe],
              tr`“${name}” is kept with the shop’s recipes.`,
              name,
            );
          }}
        >
          {tr`Keep it`}
        </button>
        {known && (
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => {
              store(others, tr`“${from.name}” is no longer kept.`);
            }}
          >
            {tr`Drop it`}
          </button>
        )}
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => {
            setOpen(false);
            onDone();
          }}
        >
          {tr`Leave it`}
        </button>
        {others.some((r) => r.name === name) && (
          <span className="text-error self-center">{tr`There is a recipe of that name.`}</span>
        )}
      </div>
    </fieldset>
  );
}
