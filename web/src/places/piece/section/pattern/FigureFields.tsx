// What the figure is: dots, denticles, or lines from a drawing; how many, how big, how high.
import { tr } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import type { PiecePattern } from '@zanfirico/contract/piece';
import { useState } from 'react';
import { sentenceOf } from '../../../../api/client';
import { Choice } from '../../../../fields/Choice';
import { CountField } from '../../../../fields/CountField';
import { QuantityField } from '../../../../fields/QuantityField';
import { SVG_LIMIT } from '../../../../imports/svgLines';
import { tooBig } from '../../../../imports/tooBig';
import { startFigure } from '../../../../workers/workers';
import { TroubleLine } from '../../../../marks/TroubleLine';

type Figure = PiecePattern['figure'];
type Kind = Figure['kind'];

const TENTH = 1e-4;
const OTHER_KINDS: Readonly<Record<Exclude<Kind, 'outline'>, (f: Figure) => Figure>> = {
  dots: ({ count, height }) => ({ kind: 'dots', count, height, diameter: 0.009 }),
  denticles: ({ count, height }) => ({
    kind: 'denticles',
    count,
    height,
    width: 0.012,
    tall: 0.015,
  }),
};
const DRAWN_WIDTH = 0.025;

export function FigureFields({
  pattern,
  set,
}: {
  readonly pattern: PiecePattern;
  readonly set: (change: Partial<PiecePattern>) => void;
}) {
  const { figure } = pattern;
  const [width, setWidth] = useState(DRAWN_WIDTH);
  const [failure, setFailure] = useState<string>();
  const [choosing, setChoosing] = useState(figure.kind === 'outline');
  const change = (part: Partial<Figure>): void => {
    set({ figure: { ...figure, ...part } as Figure });
  };
  const read = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    setFailure(undefined);
    const big = tooBig(file, SVG_LIMIT, tr`Save only the figure.`);
    if (big !== undefined) {
      setFailure(big);
      return;
    }
    try {
      const paths = await startFigure(await file.text(), width).done;
      if (!paths) return;
      const { count, height } = figure;
      set({ figure: { kind: 'outline', count, height, paths } });
    } catch (error) {
      setFailure(sentenceOf(error));
    }
  };
  const length = (field: string, label: string, value: number) => (
    <QuantityField
      label={label}
      kind="length"
      value={value}
      within={LIMITS.measure}
      nudge={TENTH}
      onCommit={(v) => {
        change({ [field]: v });
      }}
    />
  );
  return (
    <>
      <div className="mt-2">
        <Choice
          legend={tr`Figure`}
          value={choosing ? 'outline' : figure.kind}
          options={[
            { value: 'dots', label: tr`Dots` },
            { value: 'denticles', label: tr`Teeth` },
            { value: 'outline', label: tr`From an SVG` },
          ]}
          onChange={(kind) => {
            setChoosing(kind === 'outline');
            if (kind !== 'outline') set({ figure: OTHER_KINDS[kind](figure) });
          }}
        />
      </div>
      <div className="mt-1 grid grid-cols-3 gap-x-4 gap-y-2">
        <CountField
          label={tr`Round it`}
          value={figure.count}
          within={LIMITS.figureCopies}
          onCommit={(count) => {
            change({ count });
          }}
        />
        {figure.kind === 'dots' && length('diameter', tr`Across`, figure.diameter)}
        {figure.kind === 'denticles' && (
          <>
            {length('width', tr`Wide`, figure.width)}
            {length('tall', tr`Tall`, figure.tall)}
          </>
        )}
        <QuantityField
          label={figure.kind === 'denticles' ? tr`Foot of it at` : tr`Middle at`}
          kind="length"
          value={figure.height}
          within={LIMITS.coordinate}
          nudge={TENTH}
          onCommit={(height) => {
            change({ height });
          }}
        />
      </div>
      {choosing && (
        <div className="mt-2 flex items-end gap-3">
          <div className="w-24">
            <QuantityField
              label={tr`As wide as`}
              kind="length"
              value={width}
              min={0.001}
              max={1}
              onCommit={(v) => {
                if (figure.kind === 'outline') {
                  const k = v / width;
                  change({
                    paths: figure.paths.map((l) =>
                      l.map(([x, y]): [number, number] => [x * k, y * k]),
                    ),
                  });
                }
                setWidth(v);
              }}
            />
          </div>
          <input
            type="file"
            accept=".svg,image/svg+xml"
            aria-label={tr`Figure file`}
            className="file-input file-input-sm min-w-0 flex-1"
            onChange={(e) => void read(e.target.files?.[0])}
          />
        </div>
      )}
      {failure !== undefined && <TroubleLine className="mt-1">{failure}</TroubleLine>}
    </>
  );
}
