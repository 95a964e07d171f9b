// The shop: its irons, blocks, glory holes, annealers and torch stock, as every plan takes them.
import type { ShopDocument } from '@zanfirico/contract';
import { Plus, X } from 'lucide-react';
import { useEffect, type ReactNode } from 'react';
import { sentenceOf } from '../../api/client';
import { GlassOptions } from '../../fields/GlassField';
import { QuantityField } from '../../fields/QuantityField';
import { useNotices } from '../../stores/notices';
import { useShop } from '../../stores/shop';

type List = 'irons' | 'gloryHoles' | 'annealers' | 'stock';
type Row<L extends List> = ShopDocument[L][number];

/** Most of each that the shop's document keeps. */
const MOST: Readonly<Record<List | 'blocks', number>> = {
  irons: 40,
  gloryHoles: 20,
  annealers: 20,
  stock: 200,
  blocks: 40,
};

const FRESH: { readonly [L in List]: Row<L> } = {
  irons: { name: 'another iron', diameter: 0.0254, hollow: true },
  gloryHoles: { name: 'another glory hole', mouth: 0.3, reach: 0.4 },
  annealers: { name: 'another annealer', width: 0.5, depth: 0.5, height: 0.4 },
  stock: { glass: 'borosilicate-33', diameter: 0.025, wall: 0.002, length: 1.5 },
};
const FRESH_BLOCK = 0.1;

export function ShopSheet() {
  const { shop, load, save } = useShop();
  const { say, trouble } = useNotices();
  useEffect(() => {
    load().catch((error: unknown) => {
      trouble(sentenceOf(error));
    });
  }, [load, trouble]);
  if (!shop) return <p className="quiet py-10">Fetching the shop …</p>;
  const { document } = shop;
  const keep = (next: ShopDocument, gone?: string): void => {
    save(next).then(
      () => {
        if (gone !== undefined)
          say(`${gone} is gone.`, {
            label: 'Undo',
            run: () => {
              save(document).catch((error: unknown) => {
                trouble(sentenceOf(error));
              });
            },
          });
      },
      (error: unknown) => {
        trouble(sentenceOf(error));
      },
    );
  };
  const change = <L extends List>(list: L, at: number, row: Partial<Row<L>>): void => {
    const rows = document[list] as Row<L>[];
    keep({ ...document, [list]: rows.map((r, i) => (i === at ? { ...r, ...row } : r)) });
  };
  const add = (list: List): void => {
    keep({ ...document, [list]: [...document[list], FRESH[list]] });
  };
  const remove = (list: List, at: number, name: string): void => {
    keep({ ...document, [list]: (document[list] as unknown[]).filter((_, i) => i !== at) }, name);
  };
  const section = (list: List, title: string, says: string, children: ReactNode): ReactNode => (
    <section className="mt-7" aria-label={title}>
      <div className="flex items-baseline gap-3">
        <h2 className="text-2xl">{title}</h2>
        <p className="quiet">{says}</p>
        <button
          type="button"
          className="btn btn-ghost btn-sm ml-auto"
          disabled={document[list].length >= MOST[list]}
          aria-label={`Add to: ${title}`}
          onClick={() => {
            add(list);
          }}
        >
          <Plus className="size-4" /> Add
        </button>
      </div>
      <ul className="mt-1">{children}</ul>
      {document[list].length === 0 && <p className="quiet">None yet.</p>}
    </section>
  );

  return (
    <div className="grid gap-x-14 lg:grid-cols-2">
      <div>
        {section(
          'irons',
          'Irons',
          'pipes to blow, solid irons for solid work and bits',
          document.irons.map((iron, i) => (
            <Item
              key={i}
              gone={() => {
                remove('irons', i, iron.name);
              }}
              name={iron.name}
            >
              <Name
                value={iron.name}
                onCommit={(name) => {
                  change('irons', i, { name });
                }}
              />
              <Measure
                label={`${iron.name}, across`}
                shows="⌀"
                value={iron.diameter}
                min={0.004}
                max={0.08}
                onCommit={(diameter) => {
                  change('irons', i, { diameter });
                }}
              />
              <select
                className="line-field !w-24"
                aria-label={`${iron.name}, hollow or solid`}
                value={iron.hollow ? 'hollow' : 'solid'}
                onChange={(e) => {
                  change('irons', i, { hollow: e.target.value === 'hollow' });
                }}
              >
                <option value="hollow">hollow</option>
                <option value="solid">solid</option>
              </select>
            </Item>
          )),
        )}
        {section(
          'gloryHoles',
          'Glory holes',
          'what passes the mouth, and how far in it reaches',
          document.gloryHoles.map((hole, i) => (
            <Item
              key={i}
              gone={() => {
                remove('gloryHoles', i, hole.name);
              }}
              name={hole.name}
            >
              <Name
                value={hole.name}
                onCommit={(name) => {
                  change('gloryHoles', i, { name });
                }}
              />
              {(['mouth', 'reach'] as const).map((field) => (
                <Measure
                  key={field}
                  label={`${hole.name}, ${field}`}
                  shows={field}
                  value={hole[field]}
                  min={0.02}
                  max={field === 'mouth' ? 3 : 5}
                  onCommit={(v) => {
                    change('gloryHoles', i, { [field]: v });
                  }}
                />
              ))}
            </Item>
          )),
        )}
        {section(
          'annealers',
          'Annealers',
          'inside, wide × deep × high',
          document.annealers.map((box, i) => (
            <Item
              key={i}
              gone={() => {
                remove('annealers', i, box.name);
              }}
              name={box.name}
            >
              <Name
                value={box.name}
                onCommit={(name) => {
                  change('annealers', i, { name });
                }}
              />
              {(['width', 'depth', 'height'] as const).map((field) => (
                <Measure
                  key={field}
                  label={`${box.name}, ${field}`}
                  shows={field}
                  value={box[field]}
                  min={0.05}
                  max={5}
                  onCommit={(v) => {
                    change('annealers', i, { [field]: v });
                  }}
                />
              ))}
            </Item>
          )),
        )}
      </div>
      <div>
        {section(
          'stock',
          'Torch stock',
          'tubing and rod, by the stick',
          document.stock.map((s, i) => (
            <Item
              key={i}
              gone={() => {
                remove('stock', i, s.wall === undefined ? 'That rod' : 'That tubing');
              }}
              name={`stock ${String(i + 1)}`}
            >
              <select
                className="line-field !w-18 shrink-0"
                aria-label={`Stock ${String(i + 1)}, tube or rod`}
                value={s.wall === undefined ? 'rod' : 'tube'}
                onChange={(e) => {
                  const rod = { ...s };
                  delete rod.wall;
                  const next =
                    e.target.value === 'rod'
                      ? rod
                      : { ...rod, wall: Math.min(0.002, s.diameter / 4) };
                  keep({
                    ...document,
                    stock: document.stock.map((r, k) => (k === i ? next : r)),
                  });
                }}
              >
                <option value="tube">tube</option>
                <option value="rod">rod</option>
              </select>
              <select
                className="line-field"
                aria-label={`Stock ${String(i + 1)}, glass`}
                value={s.glass}
                onChange={(e) => {
                  change('stock', i, { glass: e.target.value });
                }}
              >
                <GlassOptions value={s.glass} />
              </select>
              <Measure
                label={`Stock ${String(i + 1)}, across`}
                shows="⌀"
                value={s.diameter}
                min={Math.max(0.001, 2 * (s.wall ?? 0) + 2e-4)}
                max={0.3}
                onCommit={(diameter) => {
                  change('stock', i, { diameter });
                }}
              />
              {s.wall !== undefined && (
                <Measure
                  label={`Stock ${String(i + 1)}, wall`}
                  shows="wall"
                  value={s.wall}
                  min={0.0003}
                  max={Math.min(0.05, s.diameter / 2 - 1e-4)}
                  onCommit={(wall) => {
                    change('stock', i, { wall });
                  }}
                />
              )}
              <Measure
                label={`Stock ${String(i + 1)}, stick length`}
                shows="long"
                value={s.length}
                min={0.05}
                max={5}
                onCommit={(length) => {
                  change('stock', i, { length });
                }}
              />
            </Item>
          )),
        )}
        <section className="mt-7" aria-label="Blocks">
          <div className="flex items-baseline gap-3">
            <h2 className="text-2xl">Blocks</h2>
            <p className="quiet">wet fruit wood, inside diameters</p>
            <button
              type="button"
              className="btn btn-ghost btn-sm ml-auto"
              aria-label="Add to: Blocks"
              disabled={document.blocks.length >= MOST.blocks}
              onClick={() => {
                keep({ ...document, blocks: [...document.blocks, FRESH_BLOCK] });
              }}
            >
              <Plus className="size-4" /> Add
            </button>
          </div>
          <ul className="mt-1 flex flex-wrap gap-x-4">
            {document.blocks.map((block, i) => (
              <li key={i} className="flex items-center">
                <Measure
                  label={`Block ${String(i + 1)}, inside`}
                  shows="⌀"
                  value={block}
                  min={0.02}
                  max={0.5}
                  onCommit={(v) => {
                    keep({
                      ...document,
                      blocks: document.blocks.map((b, k) => (k === i ? v : b)),
                    });
                  }}
                />
                <Gone
                  name={`block ${String(i + 1)}`}
                  onClick={() => {
                    keep(
                      { ...document, blocks: document.blocks.filter((_, k) => k !== i) },
                      'That block',
                    );
                  }}
                />
              </li>
            ))}
          </ul>
        </section>
      </div>
    </div>
  );
}

function Item({
  name,
  gone,
  children,
}: {
  readonly name: string;
  readonly gone: () => void;
  readonly children: ReactNode;
}) {
  return (
    <li className="border-base-300 flex items-end gap-2 border-b py-1">
      {children}
      <Gone name={name} onClick={gone} />
    </li>
  );
}

const Gone = ({ name, onClick }: { readonly name: string; readonly onClick: () => void }) => (
  <button
    type="button"
    className="btn btn-ghost btn-sm btn-square"
    aria-label={`Remove ${name}`}
    title={`Remove ${name}`}
    onClick={onClick}
  >
    <X className="size-4" />
  </button>
);

/** A name kept when the field is left; an empty one is put back. */
function Name({
  value,
  onCommit,
}: {
  readonly value: string;
  readonly onCommit: (name: string) => void;
}) {
  return (
    <input
      key={value}
      className="line-field min-w-32 flex-1"
      aria-label="Name"
      maxLength={40}
      defaultValue={value}
      onBlur={(e) => {
        const typed = e.target.value.trim();
        if (typed === '') e.target.value = value;
        else if (typed !== value) onCommit(typed);
      }}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
      }}
    />
  );
}

function Measure({
  label,
  shows,
  value,
  min,
  max,
  onCommit,
}: {
  readonly label: string;
  readonly shows: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly onCommit: (v: number) => void;
}) {
  return (
    <div className="flex w-24 shrink-0 items-end gap-1">
      <span className="quiet pb-1 text-sm" aria-hidden="true">
        {shows}
      </span>
      <QuantityField
        bare
        label={label}
        kind="length"
        value={value}
        min={min}
        max={max}
        onCommit={onCommit}
      />
    </div>
  );
}
