// Talking to the server: what each answer becomes.
import {
  createPiece,
  importPiece,
  newKey,
  putAway,
  Refused,
  savePiece,
  sentenceOf,
  shelfLines,
  shelfPage,
} from './client';
import { freshDocument } from '../places/pieces/freshDocument';

const document = freshDocument({ name: 'A', form: 'ball', glass: 'soft-batch-96' });
const answers = jest.fn<Promise<Response>, [string, RequestInit?]>();
Object.assign(globalThis, { fetch: answers });
afterEach(() => answers.mockReset());

const answer = (status: number, body?: unknown): void => {
  answers.mockResolvedValueOnce(
    new Response(body === undefined ? null : JSON.stringify(body), { status }),
  );
};

describe('calls', () => {
  it.each<[string, () => Promise<unknown>, string, string, unknown]>([
    [
      'a page of the shelf',
      () => shelfPage({ putAway: true, find: 'cup & saucer' }, 40),
      'GET',
      '/api/pieces?putAway=true&find=cup+%26+saucer&from=40',
      undefined,
    ],
    ['named pieces', () => shelfLines(['a', 'b']), 'GET', '/api/pieces?ids=a,b', undefined],
    ['create', () => createPiece(document, 'made-once'), 'POST', '/api/pieces', { document }],
    [
      'save',
      () => savePiece('x', { baseRevision: 2, document }),
      'PUT',
      '/api/pieces/x',
      { baseRevision: 2, document },
    ],
    ['put away', () => putAway('x', true), 'POST', '/api/pieces/x/put-away', { putAway: true }],
  ])('%s', async (_name, run, method, path, body) => {
    answer(200, {});
    await run();
    const [url, init] = answers.mock.calls[0] ?? [];
    expect(url).toBe(path);
    expect(init?.method).toBe(method);
    expect(typeof init?.body === 'string' ? JSON.parse(init.body) : undefined).toEqual(body);
  });

  it('sends a file’s text untouched, for the server to judge', async () => {
    answer(201, {});
    await importPiece('{"half":', 'read-once');
    expect(answers.mock.calls[0]?.[1]?.body).toBe('{"half":');
  });

  it('names what is made, so that it is made once', async () => {
    answer(201, {});
    await createPiece(document, 'made-once');
    const headers = new Headers(answers.mock.calls[0]?.[1]?.headers);
    expect(headers.get('Idempotency-Key')).toBe('made-once');
    expect(headers.get('Content-Type')).toBe('application/json');
    expect(newKey()).not.toBe(newKey());
  });
});

describe('refusals', () => {
  it('carries the server’s sentence and the other revision', async () => {
    const current = { revision: 7 };
    answer(409, { error: 'Somebody saved first.', current });
    const error: unknown = await savePiece('x', { baseRevision: 2, document }).catch(
      (e: unknown) => e,
    );
    expect(error).toBeInstanceOf(Refused);
    expect(error).toMatchObject({ status: 409, body: { current } });
    expect(sentenceOf(error)).toBe('Somebody saved first.');
  });

  it('says when there is no server, or an answer that is none of ours', async () => {
    answers.mockRejectedValueOnce(new TypeError('fetch failed'));
    await expect(shelfPage({ putAway: false, find: '' }, 0)).rejects.toThrow(/does not answer/);
    answers.mockResolvedValueOnce(new Response('<html>', { status: 502 }));
    await expect(shelfPage({ putAway: false, find: '' }, 0)).rejects.toThrow(
      'The server answered 502.',
    );
    expect(sentenceOf('?')).toBe('Something went wrong.');
  });
});
