// Variants of the order, side by side: "two hands", "four hands"; and whether helpers work beside.
import { tr } from '@zanfirico/core/words';
import { Plus, X } from 'lucide-react';
import { IconButton } from '../../../shell/IconButton';
import type { Braid } from './useBraid';

/** Variants a piece keeps at most. */
export const MOST_VARIANTS = 8;

export function VariantPicker({ braid }: { readonly braid: Braid }) {
  const { sequence, setSequence, steps, helpers } = braid;
  const variants = sequence?.variants ?? [];
  const chosen = Math.min(sequence?.chosen ?? 0, Math.max(0, variants.length - 1));
  return (
    <div className="flex flex-wrap items-center gap-x-3">
      {variants.length > 1 && (
        <select
          className="select"
          aria-label={tr`Variant`}
          value={chosen}
          onChange={(e) => {
            setSequence({ chosen: Number(e.target.value) });
          }}
        >
          {variants.map((v, i) => (
            <option key={i} value={i}>
              {v.name}
            </option>
          ))}
        </select>
      )}
      {variants.length > 0 && (
        <input
          className="input w-36"
          aria-label={tr`Name of the variant`}
          maxLength={40}
          value={variants[chosen]?.name ?? ''}
          onChange={(e) => {
            setSequence({
              variants: variants.map((v, i) =>
                i === chosen ? { ...v, name: e.target.value || tr`Variant` } : v,
              ),
            });
          }}
        />
      )}
      <IconButton
        label={tr`Another variant, from this one`}
        onClick={() => {
          if (variants.length < MOST_VARIANTS)
            braid.addVariant(tr`Variant ${Math.max(1, variants.length) + 1}`, steps);
        }}
      >
        <Plus className="size-4" />
      </IconButton>
      {variants.length > 1 && (
        <IconButton
          label={tr`Drop this variant`}
          onClick={() => {
            setSequence({ variants: variants.filter((_, i) => i !== chosen), chosen: 0 });
          }}
        >
          <X className="size-4" />
        </IconButton>
      )}
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={helpers}
          // Who is there decides it, once anybody is named.
          disabled={(sequence?.crew?.length ?? 0) > 0}
          onChange={(e) => {
            setSequence({ helpers: e.target.checked });
          }}
        />
        {tr`with helpers`}
      </label>
    </div>
  );
}
