// Looking closer and further at the drawing, its grid, and the measure, by buttons.
import { tr } from '@zanfirico/core/words';
import { Grid3x3, Maximize, Ruler, ZoomIn, ZoomOut } from 'lucide-react';
import type { ReactNode } from 'react';
import { useBoard } from '../../stores/board';
import type { SectionLooking } from './useView';

/** Closer, further, fitted. */
export function ViewBar({ looking }: { readonly looking: SectionLooking }) {
  const { grid, measuring, set } = useBoard();
  return (
    <div
      className="absolute top-1 right-1 flex"
      role="group"
      aria-label={tr`How the drawing is looked at`}
    >
      <Act
        label={tr`Measure between two places`}
        on={measuring}
        onClick={() => {
          set({ measuring: !measuring });
        }}
      >
        <Ruler className="size-4" />
      </Act>
      <Act
        label={tr`Grid`}
        on={grid}
        onClick={() => {
          set({ grid: !grid });
        }}
      >
        <Grid3x3 className="size-4" />
      </Act>
      <Act label={tr`Further ( [ )`} disabled={looking.view.zoom === 1} onClick={looking.further}>
        <ZoomOut className="size-4" />
      </Act>
      <Act label={tr`Closer ( ] )`} onClick={looking.closer}>
        <ZoomIn className="size-4" />
      </Act>
      <Act label={tr`All of it (Home)`} disabled={looking.view.zoom === 1} onClick={looking.fit}>
        <Maximize className="size-4" />
      </Act>
    </div>
  );
}

function Act({
  label,
  on,
  disabled = false,
  onClick,
  children,
}: {
  readonly label: string;
  /** A thing that stays on until it is pressed again. */
  readonly on?: boolean;
  readonly disabled?: boolean;
  readonly onClick: () => void;
  readonly children: ReactNode;
}) {
  return (
    <button
      type="button"
      className={`btn btn-ghost btn-xs btn-square ${on === true ? 'text-primary' : 'text-(--chalk-dim)'}`}
      aria-label={label}
      title={label}
      aria-pressed={on}
      disabled={disabled}
      onClick={onClick}
    >
      {children}
    </button>
  );
}
