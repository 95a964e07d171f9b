// What a place shows when it has crashed: that it did, what is safe, and how to go on; the other places go on as they were.
import { tr } from '@zanfirico/core/words';
import { useEffect } from 'react';
import { Link, useLocation, useRouteError } from 'react-router';
import { useUnsavedName } from '../stores/unsaved';

/** A place whose code could not be fetched is another thing than one that crashed. */
const notFetched = (error: unknown): boolean =>
  error instanceof Error && /dynamically imported module|importing a module/i.test(error.message);

export function PlaceBroke() {
  const error = useRouteError();
  const { pathname } = useLocation();
  const name = useUnsavedName((s) => s.name);
  const away = notFetched(error);
  useEffect(() => {
    console.error(error);
  }, [error]);
  return (
    <div className="mx-auto max-w-2xl px-6 py-16" role="alert">
      <h1 className="text-4xl">
        {away ? tr`This place could not be fetched` : tr`This place has broken`}
      </h1>
      <p className="my-4 text-xl leading-snug">
        {away
          ? tr`Its part of the program did not come from the server: it may be stopped, or newer than this page.`
          : tr`Something in it went wrong that nobody foresaw. The other places go on.`}
        {name !== undefined && (
          <>{tr` What you changed on “${name}” and have not saved is kept, and comes back with it.`}</>
        )}
      </p>
      <div className="flex flex-wrap gap-3">
        <a className="btn btn-primary" href={pathname}>{tr`Open it again`}</a>
        <Link className="btn btn-outline" to="/pieces">{tr`To the pieces`}</Link>
      </div>
      {error instanceof Error && !away && (
        <details className="quiet mt-8 text-sm">
          <summary>{tr`What it said`}</summary>
          <pre className="mt-2 whitespace-pre-wrap">{error.message}</pre>
        </details>
      )}
    </div>
  );
}
