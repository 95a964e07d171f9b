// Reading a sculpted bit from an STL file.
import { trNodes } from '../../../words/trNodes';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useState } from 'react';
import { sentenceOf } from '../../../api/client';
import { Choice } from '../../../fields/Choice';
import { meshFromStl, STL_LIMIT, type ReadMesh } from '../../../imports/meshFromStl';
import { tooBig } from '../../../imports/tooBig';
import { Dialog } from '../../../shell/Dialog';
import { useDisplay } from '../../../stores/display';
import { TroubleLine } from '../../../marks/TroubleLine';

const UNITS = { mm: 1e-3, in: 0.0254, m: 1 } as const;
type Unit = keyof typeof UNITS;

export function MeshDialog({
  onRead,
  onClose,
}: {
  readonly onRead: (shape: { kind: 'mesh'; positions: number[]; triangles: number[] }) => void;
  readonly onClose: () => void;
}) {
  const units = useDisplay((s) => s.units);
  const [unit, setUnit] = useState<Unit>('mm');
  const [bytes, setBytes] = useState<ArrayBuffer>();
  const [read, setRead] = useState<{ mesh?: ReadMesh; problem?: string }>({});

  const look = (file: ArrayBuffer, as: Unit): void => {
    try {
      setRead({ mesh: meshFromStl(file, UNITS[as]) });
    } catch (error) {
      setRead({ problem: sentenceOf(error) });
    }
  };
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const problem = tooBig(file, STL_LIMIT, tr`Thin it out where it was made.`);
    if (problem !== undefined) {
      setRead({ problem });
      return;
    }
    const buffer = await file.arrayBuffer();
    setBytes(buffer);
    look(buffer, unit);
  };
  const { mesh, problem } = read;

  return (
    <Dialog
      title={tr`Read a sculpted bit`}
      onClose={onClose}
      actions={
        <button
          type="button"
          className="btn btn-primary"
          disabled={!mesh}
          onClick={() => {
            if (mesh)
              onRead({ kind: 'mesh', positions: mesh.positions, triangles: mesh.triangles });
            onClose();
          }}
        >
          {tr`Put it on the board`}
        </button>
      }
    >
      <p className="mt-2 leading-snug">{tr`An STL file of one closed body. It is kept about its own middle; move it to its place on the drawing.`}</p>
      <input
        type="file"
        accept=".stl,model/stl"
        className="file-input file-input-sm mt-3"
        aria-label={tr`Mesh file`}
        onChange={(e) => void take(e.target.files?.[0])}
      />
      <div className="mt-3">
        <Choice
          legend={tr`One unit in the file is`}
          value={unit}
          options={[
            { value: 'mm', label: tr`1 mm` },
            { value: 'in', label: tr`1 inch` },
            { value: 'm', label: '1 m' },
          ]}
          onChange={(as) => {
            setUnit(as);
            if (bytes) look(bytes, as);
          }}
        />
      </div>
      {problem !== undefined && <TroubleLine className="mt-3">{problem}</TroubleLine>}
      {mesh && (
        <p className="mt-3">
          {trNodes`${mesh.triangles.length / 3} facets, closed, ${printText(mesh.volume, 'volume', units)} of glass.${mesh.flipped && tr` Its faces looked inwards; they were turned over.`}`}
        </p>
      )}
    </Dialog>
  );
}
