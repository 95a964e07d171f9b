// The part in hand: its name, how it is worked, its points.
import type { PiecePart } from '@zanfirico/contract/piece';
import { copyPart, mirrorUpper, removePart, setPull } from '@zanfirico/core/edits';
import { profileSpan } from '@zanfirico/core/form';
import { tr } from '@zanfirico/core/words';
import { Copy, FileUp, Trash2 } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Choice } from '../../../fields/Choice';
import { GlassField } from '../../../fields/GlassField';
import { NameField } from '../../../fields/NameField';
import type { SectionActions } from '../../../marks/section/actions';
import { IconButton } from '../../../shell/IconButton';
import { useBoard } from '../../../stores/board';
import { changePart, editPiece, setProfile } from '../../../stores/draft';
import { useNotices } from '../../../stores/notices';
import { usePiece } from '../usePiece';
import { AcrossFields } from './AcrossFields';
import { HoleFields } from './HoleFields';
import { PointsInHand } from './PointsInHand';
import { PointTable } from './PointTable';

const ProfileDialog = lazy(async () => ({
  default: (await import('./ProfileDialog')).ProfileDialog,
}));

/** Its name, and what is done to the whole of it. */
function PartHead({
  index,
  part,
  onRead,
}: {
  readonly index: number;
  readonly part: PiecePart;
  readonly onRead: () => void;
}) {
  const { document, last } = usePiece();
  const takePart = useBoard((s) => s.takePart);
  const say = useNotices((s) => s.say);
  const many = document.parts.length > 1;
  const copy = (): void => {
    const top = last?.whole;
    const [lowest] = profileSpan(part.profile);
    const by = top ? top.lowest + top.height - lowest : 0.05;
    editPiece((d) => copyPart(d, part.id, by));
    takePart(document.parts.length);
  };
  const remove = (): void => {
    editPiece((d) => removePart(d, part.id));
    takePart(Math.max(0, index - 1));
    say(tr`“${part.name}” is gone, and its steps with it; undo brings it back.`);
  };
  return (
    <div className="flex items-center gap-1">
      <span className="num quiet text-lg">{index + 1}</span>
      <NameField
        label={tr`Name of the part`}
        value={part.name}
        fallback={tr`part ${index + 1}`}
        onChange={(name) => {
          changePart(index, { name });
        }}
      />
      <IconButton label={tr`Copy this part`} onClick={copy}>
        <Copy className="size-4" />
      </IconButton>
      <IconButton label={tr`Read a profile from a file`} onClick={onRead}>
        <FileUp className="size-4" />
      </IconButton>
      {many && (
        <IconButton label={tr`Remove this part`} onClick={remove}>
          <Trash2 className="size-4" />
        </IconButton>
      )}
    </div>
  );
}

export function PartFields({
  index,
  actions,
}: {
  readonly index: number;
  readonly actions: SectionActions;
}) {
  const { document, last } = usePiece();
  const { point, several } = useBoard();
  const [reading, setReading] = useState(false);
  const part = document.parts[index];
  if (!part) return null;
  const many = document.parts.length > 1;
  const span = profileSpan(part.profile);
  const mirrored = part.mirror === true;
  const pulled = point === undefined ? undefined : part.profile[point]?.pull;

  return (
    <section aria-label={tr`Part ${index + 1}`}>
      <PartHead
        index={index}
        part={part}
        onRead={() => {
          setReading(true);
        }}
      />
      <div className="mt-1 flex flex-wrap items-center gap-x-4">
        <Choice
          legend={tr`How the part is worked`}
          hideLegend
          value={part.work ?? 'blown'}
          options={[
            { value: 'blown', label: tr`Blown` },
            { value: 'solid', label: tr`Solid` },
          ]}
          onChange={(work) => {
            changePart(index, { work: work === 'solid' ? 'solid' : undefined });
          }}
        />
        <Check
          label={tr`Mirror`}
          title={tr`The upper half mirrors the lower`}
          checked={mirrored}
          onChange={(on) => {
            changePart(index, {
              mirror: on ? true : undefined,
              ...(on && { profile: mirrorUpper(part.profile) }),
            });
          }}
        />
        {many && (
          <Check
            label={tr`Lifts out`}
            title={tr`A stopper or lid: set into the mouth, not joined`}
            checked={part.role === 'stopper'}
            onChange={(on) => {
              changePart(index, { role: on ? 'stopper' : undefined });
            }}
          />
        )}
      </div>
      <AcrossFields
        index={index}
        across={part.across}
        half={last?.parts[index]?.shape.widest ?? 0}
      />
      {many && (
        <div className="mt-1">
          <GlassField
            label={tr`Its glass`}
            own={tr`the piece’s own`}
            value={part.glass}
            onChange={(glass) => {
              changePart(index, { glass });
            }}
          />
        </div>
      )}
      <PointsInHand part={part.name} />
      <div className="mt-3">
        <PointTable
          part={index}
          points={part.profile}
          solid={part.work === 'solid'}
          mirrored={mirrored}
          selected={point}
          several={several}
          onChoose={actions.onChoose}
          onSelect={actions.onSelect}
          onRemove={actions.onRemove}
          onInsertAfter={actions.onInsertAfter}
        />
      </div>
      {pulled && point !== undefined && (
        <button
          type="button"
          className="btn btn-ghost btn-sm mt-2"
          onClick={() => {
            setProfile(index, setPull(part.profile, point, undefined));
          }}
        >
          {tr`Let the tangent at ${point + 1} go free`}
        </button>
      )}
      {part.work !== 'solid' && (
        <HoleFields
          index={index}
          part={part}
          middle={Number(((span[0] + span[1]) / 2).toFixed(4))}
        />
      )}
      <p className="quiet mt-3 text-sm leading-snug">{tr`Round handles carry the outside, squares the wall, rings pull the tangent of the point in hand. Double-click the line for a new point; Delete takes one away.`}</p>
      {reading && (
        <Suspense>
          <ProfileDialog
            part={index}
            onClose={() => {
              setReading(false);
            }}
          />
        </Suspense>
      )}
    </section>
  );
}

function Check({
  label,
  title,
  checked,
  onChange,
}: {
  readonly label: string;
  readonly title: string;
  readonly checked: boolean;
  readonly onChange: (on: boolean) => void;
}) {
  return (
    <label className="flex items-center gap-1.5" title={title}>
      <input
        type="checkbox"
        className="checkbox checkbox-xs"
        checked={checked}
        onChange={(e) => {
          onChange(e.target.checked);
        }}
      />
      {label}
    </label>
  );
}
