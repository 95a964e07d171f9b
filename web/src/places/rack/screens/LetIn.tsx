// Letting somebody in: who it will be and what it may, then six digits that are good for three minutes.
import { trNodes } from '../../../words/trNodes';
import { tr, trWord } from '@zanfirico/core/words';
import { MAY, type May, type ShownCode } from '@zanfirico/contract/door';
import { useEffect, useState, type FormEvent } from 'react';
import { newCode } from '../../../api/door';
import { studioNow } from '../../../api/server';
import { SelectField } from '../../../fields/SelectField';
import { clockText } from '../../../marks/braid/strands';
import { Qr } from '../../../marks/Qr';
import { MAY_WORDS } from '../../../shell/WhoIAm';
import { troubled } from '../../../stores/troubled';

const LIKELY: Readonly<Record<May, string>> = {
  lead: tr`Gaffer`,
  hand: tr`Bench one`,
  look: tr`The wall`,
};
const SECOND = 1000;

export function LetIn({ address }: { readonly address: string }) {
  const [may, setMay] = useState<May>('hand');
  const [name, setName] = useState<string>();
  const [shown, setShown] = useState<ShownCode>();
  const called = name ?? LIKELY[may];
  const ask = (e: FormEvent): void => {
    e.preventDefault();
    newCode({ name: called.trim(), may }).then(setShown, troubled);
  };
  return (
    <section aria-label={tr`Let somebody in`} className="mt-7">
      <h2 className="text-2xl">{tr`Let somebody in`}</h2>
      <form className="mt-1 flex flex-wrap items-end gap-3" onSubmit={ask}>
        <label className="flex flex-col">
          <span className="quiet text-sm">{tr`Who it is: a role`}</span>
          <input
            className="input w-44"
            value={called}
            maxLength={40}
            required
            onChange={(e) => {
              setName(e.target.value);
            }}
          />
        </label>
        <SelectField
          label={tr`May`}
          value={may}
          onChange={(m: May) => {
            setMay(m);
          }}
        >
          {MAY.map((m) => (
            <option key={m} value={m}>
              {trWord(m)}: {trWord(MAY_WORDS[m])}
            </option>
          ))}
        </SelectField>
        <button type="submit" className="btn btn-primary">{tr`Show a code`}</button>
      </form>
      {shown && <Code key={shown.code} shown={shown} address={address} />}
    </section>
  );
}

function Code({ shown, address }: { readonly shown: ShownCode; readonly address: string }) {
  const [left, setLeft] = useState(() => shown.until - studioNow());
  useEffect(() => {
    const timer = setInterval(() => {
      setLeft(shown.until - studioNow());
    }, SECOND);
    return () => {
      clearInterval(timer);
    };
  }, [shown]);
  if (left <= 0)
    return <p className="quiet mt-3">{tr`That code is no longer good: show another.`}</p>;
  const seconds = Math.ceil(left / SECOND);
  return (
    <div className="mt-4 flex flex-wrap items-center gap-x-8 gap-y-3" role="status">
      <Qr
        text={`${address}/enter#${shown.code}`}
        label={tr`The address and the code, for a phone to read`}
        className="size-44"
      />
      <div className="min-w-0 flex-1 basis-72">
        <p className="num text-7xl tracking-widest max-sm:text-5xl">
          {shown.code.slice(0, 3)} {shown.code.slice(3)}
        </p>
        <p className="mt-1 text-lg">{tr`for ${shown.name}: ${trWord(MAY_WORDS[shown.may])}`}</p>
        <p className="quiet">{trNodes`Open ${(<span className="num">{address}</span>)} and type it, or hold a phone’s camera here. Good once, for ${(<span className="num">{clockText(seconds)}</span>)} more.`}</p>
      </div>
    </div>
  );
}
