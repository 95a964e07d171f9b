// What was packed when the page was built is what is sent: br where the browser takes it, gz else, and as it is to who takes neither.
import { mkdtempSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { get } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { createApp } from './app';
import { partsOver } from './app.fixture';
import { openDatabase, type Database } from './store/database';

const script = `console.log(${JSON.stringify('glass '.repeat(400))});`;
let folder: string;
let db: Database;
let server: Server;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'zanfirico-packed-'));
  mkdirSync(join(folder, 'assets'));
  writeFileSync(join(folder, 'index.html'), '<!doctype html><title>x</title>');
  writeFileSync(join(folder, 'assets/page.js'), script);
  writeFileSync(join(folder, 'assets/page.js.br'), brotliCompressSync(script));
  writeFileSync(join(folder, 'assets/page.js.gz'), gzipSync(script));
  db = await openDatabase(':memory:');
  const app = createApp({ ...partsOver(db), webRoot: folder });
  server = await new Promise((done) => {
    const s = app.listen(0, '127.0.0.1', () => {
      done(s);
    });
  });
});
afterAll(async () => {
  await new Promise((done) => server.close(done));
  await db.destroy();
  rmSync(folder, { recursive: true, force: true });
});

/** What comes back as it came: nothing is unpacked on the way. */
const ask = (path: string, accepts: string) =>
  new Promise<{ status: number; encoding: string; cache: string; bytes: number }>((done, fail) => {
    const { port } = server.address() as AddressInfo;
    get({ port, host: '127.0.0.1', path, headers: { 'accept-encoding': accepts } }, (res) => {
      let bytes = 0;
      res.on('data', (chunk: Buffer) => {
        bytes += chunk.length;
      });
      res.on('end', () => {
        done({
          status: res.statusCode ?? 0,
          encoding: res.headers['content-encoding'] ?? 'none',
          cache: res.headers['cache-control'] ?? '',
          bytes,
        });
      });
    }).on('error', fail);
  });

it.each([
  ['gzip, deflate, br', 'br', brotliCompressSync(script).length],
  ['gzip', 'gzip', gzipSync(script).length],
  ['identity', 'none', script.length],
])('to who takes “%s”: %s, %p bytes', async (accepts, encoding, bytes) => {
  const got = await ask('/assets/page.js', accepts);
  expect(got).toMatchObject({ status: 200, encoding, bytes });
  expect(got.cache).toContain('immutable');
});

it('what is not there is not there, packed or not; every address of the page is the page', async () => {
  expect((await ask('/assets/gone.js', 'br')).status).toBe(404);
  expect((await ask('/pieces/x/section', 'br')).status).toBe(200);
});
