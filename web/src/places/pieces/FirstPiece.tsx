// The shelf of a studio that has drawn nothing yet: the first piece is a minute away.
import { trNodes } from '../../words/trNodes';
import { tr } from '@zanfirico/core/words';
import { Link } from 'react-router';
import { StartFields, useStarting } from './StartFields';

export function FirstPiece() {
  const starting = useStarting();
  return (
    <form
      className="mt-8 max-w-4xl"
      aria-label={tr`The first piece`}
      onSubmit={(e) => {
        e.preventDefault();
        starting.start();
      }}
    >
      <p className="max-w-2xl text-xl leading-snug">{tr`The shelf is empty. Take the nearest form and its glass: the drawing opens with its gathers, its order of work and tonight’s annealing worked out, and all of them follow when you pull at it.`}</p>
      <StartFields {...starting} />
      <button type="submit" className="btn btn-primary btn-lg mt-6">{tr`Draw it`}</button>
      <p className="mt-8 leading-snug">
        {trNodes`Or let a piece file or a bundle someone gave you go anywhere on this page. The ${(<Link className="link" to="/rack/shop">{tr`shop`}</Link>)} takes your irons, fires and annealers, the ${(<Link className="link" to="/rack">{tr`rack`}</Link>)} your glasses and colours; until then ordinary ones are taken.`}
      </p>
    </form>
  );
}
