// What was asked of the bench cannot be had: why, and the way back.
import { tr } from '@zanfirico/core/words';
import { Link } from 'react-router';

export const NotHere = ({ title, says }: { readonly title: string; readonly says: string }) => (
  <div className="mx-auto max-w-2xl px-6 py-20">
    <h1 className="text-4xl">{title}</h1>
    <p role="alert" className="my-4 text-xl">
      {says}
    </p>
    <Link to="/bench" className="link">{tr`Back to the bench`}</Link>
  </div>
);
