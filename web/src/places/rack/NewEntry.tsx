// A new glass or colour: its name, its family, and the number on its sheet; everything else follows in the rack.
import type { RackEntry } from '@zanfirico/contract/rack';
import { RACK_FORMS } from '@zanfirico/contract/rack';
import { readExpansion } from '@zanfirico/core/fit';
import { tr, trWord } from '@zanfirico/core/words';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { sentenceOf } from '../../api/client';
import { idOf } from '../../imports/rackFromCsv';
import { Dialog } from '../../shell/Dialog';
import { useRack } from '../../stores/theRack';
import { TroubleLine } from '../../marks/TroubleLine';

interface Answers {
  name: string;
  family: RackEntry['family'];
  form: RackEntry['forms'][number];
  look: RackEntry['look'];
  expansion: string;
}

const FORMS: Readonly<Record<RackEntry['kind'], readonly RackEntry['forms'][number][]>> = {
  glass: RACK_FORMS.slice(0, 4),
  colour: [...RACK_FORMS.slice(4), 'tubing'],
};

interface Props {
  readonly kind: RackEntry['kind'];
  readonly onClose: () => void;
  readonly onMade: (id: string) => void;
}

export function NewEntry({ kind, onClose, onMade }: Props) {
  const keep = useRack((s) => s.keep);
  const rack = useRack((s) => s.rack);
  const [failure, setFailure] = useState<string>();
  const { register, handleSubmit } = useForm<Answers>({
    defaultValues: {
      name: '',
      family: 'soft',
      form: kind === 'glass' ? 'pot' : 'bar',
      look: 'transparent',
      expansion: '',
    },
  });
  const make = async (a: Answers): Promise<void> => {
    const name = a.name.trim();
    if (name === '') {
      setFailure(tr`Name: it is empty; give the glass or colour a name.`);
      return;
    }
    const read = a.expansion.trim() === '' ? undefined : readExpansion(a.expansion);
    if (read?.ok === false) {
      setFailure(read.message);
      return;
    }
    // Two of one name are told apart by a number.
    const plain = idOf(name);
    let id = plain;
    for (let n = 2; rack.line(id); n += 1) id = `${plain.slice(0, 36)}-${String(n)}`;
    try {
      await keep(
        {
          id,
          kind,
          name,
          family: a.family,
          values: read ? { expansion: { sheet: read.value } } : {},
          holds: [],
          look: a.look,
          strikes: false,
          keepOffFood: false,
          forms: [a.form],
          stock: [],
          retired: false,
        },
        true,
      );
      onMade(id);
      onClose();
    } catch (error) {
      setFailure(sentenceOf(error));
    }
  };
  return (
    <Dialog
      title={kind === 'glass' ? tr`A glass into the rack` : tr`A colour into the rack`}
      onClose={onClose}
      onSubmit={() => void handleSubmit(make)()}
      actions={<button type="submit" className="btn btn-primary">{tr`Into the rack`}</button>}
    >
      <div className="mt-3 grid grid-cols-2 gap-4">
        <label className="col-span-2 flex flex-col">
          <span className="quiet text-sm">{tr`Name`}</span>
          <input className="input" maxLength={60} {...register('name')} />
        </label>
        <label className="flex flex-col">
          <span className="quiet text-sm">{tr`Family`}</span>
          <select className="select" {...register('family')}>
            <option value="soft">{tr`soft`}</option>
            <option value="hard">{tr`hard`}</option>
            {kind === 'colour' && <option value="other">{tr`metal, mineral or ash`}</option>}
          </select>
        </label>
        <label className="flex flex-col">
          <span className="quiet text-sm">{tr`Bought as`}</span>
          <select className="select" {...register('form')}>
            {FORMS[kind].map((f) => (
              <option key={f} value={f}>
                {trWord(f)}
              </option>
            ))}
          </select>
        </label>
        {kind === 'colour' && (
          <label className="flex flex-col">
            <span className="quiet text-sm">{tr`Look`}</span>
            <select className="select" {...register('look')}>
              <option value="transparent">{tr`transparent`}</option>
              <option value="opalescent">{tr`opalescent`}</option>
              <option value="opaque">{tr`opaque`}</option>
            </select>
          </label>
        )}
        <label className="flex flex-col">
          <span className="quiet text-sm">{tr`Expansion on the sheet, if it tells one`}</span>
          <input className="input num" placeholder={tr`96, or 9.6e-6`} {...register('expansion')} />
        </label>
      </div>
      {failure !== undefined && <TroubleLine className="mt-3">{failure}</TroubleLine>}
    </Dialog>
  );
}
