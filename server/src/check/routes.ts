// The routes of a room: each is one line, which is its router's, says the least it takes, and what it is called where it is told who did it.
import type { May } from '@zanfirico/contract/door';
import { Router, type RequestHandler } from 'express';

/** The least a route takes: what somebody may, or nothing (`open` needs no session). */
export type Least = May | 'open';

/** A route as it is known to the door. */
export interface Right {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  /** Its whole path, as a router has it. */
  readonly path: string;
  readonly least: Least;
  /** Nothing of what only reads, or is told otherwise. */
  readonly said: string;
}

/** A handler of a route whose path has these names in it. */
type Handler<P extends string> = RequestHandler<Record<Named<P>, string>>;
type Named<P extends string> = P extends `${string}:${infer N}/${infer Rest}`
  ? N | Named<Rest>
  : P extends `${string}:${infer N}`
    ? N extends `${infer Bare}.${string}`
      ? Bare
      : N
    : never;

type Reads = <P extends string>(least: Least, path: P, ...does: Handler<P>[]) => void;
/** A change has its word (`said`), or none where a comment says how else it is told. */
type Changes = <P extends string>(
  least: Least,
  path: P,
  said: string,
  ...does: Handler<P>[]
) => void;

/** Routes that hang at one place. */
export interface Routes {
  readonly at: string;
  readonly router: Router;
  readonly rights: readonly Right[];
  readonly get: Reads;
  readonly post: Changes;
  readonly put: Changes;
  readonly delete: Changes;
}

/** None yet, to hang at a place ("/api/pots"). */
export function routesAt(at: string): Routes {
  const router = Router();
  const rights: Right[] = [];
  const written = (method: Right['method'], least: Least, path: string, said: string): void => {
    rights.push({ method, path: `${at}${path === '/' ? '' : path}`, least, said });
  };
  const changes =
    (method: 'POST' | 'PUT' | 'DELETE'): Changes =>
    (least, path, said, ...does) => {
      written(method, least, path, said);
      router.route(path)[method.toLowerCase() as 'post' | 'put' | 'delete'](...does);
    };
  return {
    at,
    router,
    rights,
    get: (least, path, ...does) => {
      written('GET', least, path, '');
      router.route(path).get(...does);
    },
    post: changes('POST'),
    put: changes('PUT'),
    delete: changes('DELETE'),
  };
}
