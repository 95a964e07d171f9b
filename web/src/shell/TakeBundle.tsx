// A bundle is taken away: what goes with the pieces is ticked; who made it and what was written stays here unless it is.
import { tr } from '@zanfirico/core/words';
import { useState } from 'react';
import { sentenceOf, takeBundle, type BundleTicks } from '../api/client';
import { download } from '../exports/download';
import { useNotices } from '../stores/notices';
import { Dialog } from './Dialog';

interface Props {
  /** The file, without its ending. */
  readonly name: string;
  /** Of these pieces; of every piece where left out. */
  readonly ids?: readonly string[];
  readonly onClose: () => void;
}

const TICKS: readonly (readonly [keyof BundleTicks, string, string])[] = [
  ['makings', tr`What was made of it`, tr`every making with its events, how it came out and why`],
  ['photos', tr`Its pictures`, tr`without where and when they were taken, as they are kept`],
  ['people', tr`Who made it, and what was written down`, tr`else “person 1”, and no notes`],
  ['shop', tr`The shop`, tr`irons, holes, annealers, recipes, and what was learnt`],
];

export function TakeBundle({ name, ids, onClose }: Props) {
  const [ticks, setTicks] = useState<BundleTicks>({});
  const [going, setGoing] = useState(false);
  const take = async (): Promise<void> => {
    setGoing(true);
    try {
      download(`${name}.zip`, 'application/zip', await takeBundle(ids, ticks));
      onClose();
    } catch (error) {
      useNotices.getState().trouble(sentenceOf(error));
      setGoing(false);
    }
  };
  return (
    <Dialog
      title={ids ? tr`A bundle of it` : tr`All of it`}
      leave={tr`Leave it`}
      onClose={onClose}
      actions={
        <button
          type="button"
          className="btn btn-primary"
          disabled={going}
          onClick={() => void take()}
        >
          {tr`Take it away`}
        </button>
      }
    >
      <p className="leading-snug">
        {tr`${ids ? tr`The piece as it was saved` : tr`Every piece, put away or not`}, with the rack entries it is of: another studio can read it.`}
      </p>
      <p className="quiet mt-3">{tr`With it:`}</p>
      {TICKS.filter(([key]) => key !== 'shop' || !ids).map(([key, says, what]) => {
        const idle = (key === 'photos' || key === 'people') && ticks.makings !== true;
        return (
          <label key={key} className="mt-2 flex items-start gap-3">
            <input
              type="checkbox"
              className="checkbox checkbox-sm mt-1"
              checked={ticks[key] === true && !idle}
              disabled={idle}
              onChange={(e) => {
                setTicks({ ...ticks, [key]: e.target.checked });
              }}
            />
            <span className="leading-snug">
              {says} <span className="quiet block text-sm">{what}</span>
            </span>
          </label>
        );
      })}
      {going && <p className="quiet mt-3" role="status">{tr`It is being packed …`}</p>}
    </Dialog>
  );
}
