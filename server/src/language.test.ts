// The server answers each in their own language: by the page's choice, else by the browser's; two at once do not mix.
import request from 'supertest';
import { createApp } from './app';
import { partsOver } from './app.fixture';
import { openDatabase, type Database } from './store/database';

const NOWHERE = '/api/pieces/2f8fad5b-d9cb-469f-a165-70867728950e';
const ENGLISH = 'There is no such piece on this shelf.';
const ITALIAN = 'Non c’è un tale pezzo su questo scaffale.';

let db: Database;
let api: ReturnType<typeof request>;
beforeAll(async () => {
  db = await openDatabase(':memory:');
  api = request(createApp(partsOver(db)));
});
afterAll(() => db.destroy());

it.each([
  ['nothing said', {}, ENGLISH],
  ['an Italian browser', { 'Accept-Language': 'it-IT,it;q=0.9,en;q=0.8' }, ITALIAN],
  ['a German browser', { 'Accept-Language': 'de-DE,de;q=0.9' }, ENGLISH],
  ['one that likes Italian second', { 'Accept-Language': 'de, it;q=0.5' }, ITALIAN],
  ['a choice, against the browser', { 'Accept-Language': 'it', Cookie: 'language=en' }, ENGLISH],
  ['a choice of Italian', { Cookie: 'language=it' }, ITALIAN],
  ['a cookie that is no language', { Cookie: 'language=../../etc/passwd' }, ENGLISH],
  ['a cookie that is the name of something else', { Cookie: 'language=__proto__' }, ENGLISH],
])('%s', async (_who, headers, says) => {
  const answer = await api.get(NOWHERE).set(headers).expect(404);
  expect((answer.body as { error: string }).error).toBe(says);
});

it('two who ask at once are each answered in their own', async () => {
  const answers = await Promise.all(
    Array.from({ length: 24 }, (_, i) =>
      api.get(NOWHERE).set('Cookie', `language=${i % 2 === 0 ? 'it' : 'en'}`),
    ),
  );
  expect(answers.map((a) => (a.body as { error: string }).error)).toEqual(
    answers.map((_, i) => (i % 2 === 0 ? ITALIAN : ENGLISH)),
  );
});

it('a document that is refused says the field, what was given and what is allowed in it', async () => {
  const answer = await api
    .post('/api/pieces')
    .set('Cookie', 'language=it')
    .send({ document: { format: 'zanfirico.piece' } })
    .expect(400);
  expect((answer.body as { error: string }).error).toMatch(/dato .*; ammesso: /);
});

it('a key of a file, an id and a format stay what they are', async () => {
  const schema = await api.get('/api/schemas/piece.json').set('Cookie', 'language=it').expect(200);
  const english = await api.get('/api/schemas/piece.json').expect(200);
  expect(schema.text).toBe(english.text);
});
