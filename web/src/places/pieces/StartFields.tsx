// What a new piece starts from: a form, a glass, a name.
import { FORMS, measurePart, startingParts } from '@zanfirico/core/form';
import { glyphOf } from '@zanfirico/core/piece';
import { tr, trWord } from '@zanfirico/core/words';
import { useState } from 'react';
import { useForm, useWatch, type UseFormRegister } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { createPiece, newKey, sentenceOf } from '../../api/client';
import { GlassOptions } from '../../fields/GlassField';
import { PieceGlyph } from '../../marks/section/PieceGlyph';
import { useRack } from '../../stores/theRack';
import { useShop } from '../../stores/theShop';
import { freshDocument, isKiln, type Answers, type KilnFormId } from './freshDocument';
import { TroubleLine } from '../../marks/TroubleLine';

const SHAPES = FORMS.map((form) => {
  const shapes = startingParts(form).flatMap((part) => {
    const reading = measurePart(part);
    return reading.ok ? [reading.shape] : [];
  });
  const lowest = Math.min(...shapes.map((s) => s.lowest));
  const room = {
    lowest,
    height: Math.max(...shapes.map((s) => s.lowest + s.height)) - lowest,
    widest: Math.max(...shapes.map((s) => s.widest)),
  };
  return { form, glyph: glyphOf(shapes, [], room) };
});

/** What is begun in the kiln: its mark, cut through, mm in a box of 200. */
const IN_KILN: readonly {
  readonly form: KilnFormId;
  readonly name: string;
  readonly mark: string;
}[] = [
  {
    form: 'kiln-flat',
    name: tr`sheet, fused flat`,
    mark: 'M10 84h180v12h-180ZM10 90h180M60 78h34v6h-34ZM120 78h22v6h-22Z',
  },
  {
    form: 'kiln-slumped',
    name: tr`sheet, slumped`,
    mark: 'M10 52Q100 128 190 52L183 48Q100 114 17 48Z',
  },
  {
    form: 'kiln-cast',
    name: tr`cast in a mould`,
    mark: 'M40 96V60q0-18 20-18h80q20 0 20 18v36ZM70 42V22h60v20',
  },
];
/** The glass sheet begins as until somebody chooses another. */
const SHEET_GLASS = 'kiln-sheet-90';

interface Starting {
  readonly register: UseFormRegister<Answers>;
  /** The form is another now: sheet is of a sheet’s glass, unless one was chosen. */
  readonly onForm: (form: string) => void;
  readonly form: string;
  readonly failure: string | undefined;
  /** Makes the piece and opens it; a refusal is told in `failure`. */
  readonly start: () => void;
}

/** The answers, and starting from them: one piece, however often it is asked for. */
export function useStarting(): Starting {
  const [failure, setFailure] = useState<string>();
  const navigate = useNavigate();
  // One piece a dialog, however often it is asked for.
  const [key] = useState(newKey);
  const { register, handleSubmit, control, getFieldState, setValue, formState } = useForm<Answers>({
    defaultValues: { name: '', form: 'tumbler', glass: 'soft-batch-96' },
  });
  const form = useWatch({ control, name: 'form' });

  const onForm = (to: string): void => {
    if (getFieldState('glass', formState).isDirty) return;
    setValue('glass', isKiln(to) ? SHEET_GLASS : 'soft-batch-96');
  };

  const start = async (answers: Answers): Promise<void> => {
    const line = useRack.getState().rack.line(answers.glass);
    try {
      const ours = useShop.getState().shop?.document.learnt?.allowance?.factor;
      const piece = await createPiece(
        freshDocument(answers, line?.glass, line?.entry.forms, ours),
        key,
      );
      await navigate(
        `/pieces/${piece.id}/${piece.document.kiln && !piece.document.kiln.cast ? 'above' : 'section'}`,
      );
    } catch (error) {
      setFailure(sentenceOf(error));
    }
  };

  return { register, onForm, form, failure, start: () => void handleSubmit(start)() };
}

export function StartFields({ register, onForm, form, failure }: Starting) {
  const chooses = register('form', {
    onChange: (e: { readonly target: { readonly value: string } }) => {
      onForm(e.target.value);
    },
  });
  return (
    <>
      <fieldset className="mt-5">
        <legend className="quiet">{tr`Which form is nearest? Everything can be pulled about afterwards.`}</legend>
        <div className="mt-2 flex flex-wrap items-stretch">
          {SHAPES.map(({ form: f, glyph }) => (
            <label
              key={f}
              className={`has-focus-visible:outline-primary flex min-w-20 flex-1 cursor-pointer flex-col has-focus-visible:outline-2 ${f === form ? '' : 'group'}`}
            >
              <input type="radio" className="sr-only" value={f} {...chooses} />
              <span
                className={`flex h-36 items-end justify-center px-2 ${f === form ? '' : 'opacity-60 group-hover:opacity-100'}`}
              >
                <PieceGlyph glyph={glyph} scale={440} title={tr`${trWord(f)}, section`} />
              </span>
              <span className={f === form ? 'bg-primary block h-2' : 'plank block !h-2'} />
              <span
                className={`font-display py-1 text-center text-lg ${f === form ? 'text-primary' : ''}`}
              >
                {trWord(f)}
              </span>
            </label>
          ))}
        </div>
        <p className="quiet mt-3">{tr`Or made in the kiln, from sheet and frit:`}</p>
        <div className="mt-1 flex flex-wrap items-stretch">
          {IN_KILN.map(({ form: f, name, mark }) => (
            <label
              key={f}
              className="has-focus-visible:outline-primary flex min-w-32 flex-1 cursor-pointer flex-col has-focus-visible:outline-2"
            >
              <input type="radio" className="sr-only" value={f} {...chooses} />
              <svg
                viewBox="0 14 200 92"
                className={`h-16 w-full ${f === form ? '' : 'opacity-60'}`}
                aria-hidden="true"
              >
                <path
                  d={mark}
                  fill="var(--glass)"
                  fillOpacity="0.25"
                  stroke="var(--glass)"
                  strokeWidth="2"
                />
              </svg>
              <span className={f === form ? 'bg-primary block h-2' : 'plank block !h-2'} />
              <span
                className={`font-display py-1 text-center text-lg ${f === form ? 'text-primary' : ''}`}
              >
                {name}
              </span>
            </label>
          ))}
        </div>
      </fieldset>
      <div className="mt-4 grid grid-cols-2 gap-8">
        <label className="flex flex-col">
          <span className="quiet text-sm">{tr`Glass`}</span>
          <select className="select" {...register('glass')}>
            <GlassOptions value={undefined} />
          </select>
        </label>
        <label className="flex flex-col">
          <span className="quiet text-sm">{tr`Name`}</span>
          <input
            className="input"
            maxLength={80}
            placeholder={isKiln(form) ? tr`New plate` : tr`New ${form}`}
            {...register('name')}
          />
        </label>
      </div>
      {failure !== undefined && <TroubleLine className="mt-4">{failure}</TroubleLine>}
    </>
  );
}
