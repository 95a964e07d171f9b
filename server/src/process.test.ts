// The server as a process: its options, a kill at any moment, a back-up while it runs.
import type { SavedPiece, ShelfPage } from '@zanfirico/contract';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { get } from 'node:https';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readOptions } from './options';

const main = join(__dirname, '../dist/main.js');
const defaults = { data: 'd', web: 'w' };
let data: string;
const started: ChildProcess[] = [];

beforeEach(() => {
  data = mkdtempSync(join(tmpdir(), 'zanfirico-'));
});
afterEach(() => {
  for (const child of started.splice(0)) child.kill('SIGKILL');
  rmSync(data, { recursive: true, force: true });
});

/** Starts a server on a free port and gives its address. */
async function start(
  ...more: readonly string[]
): Promise<{ child: ChildProcess; url: string; said: () => string }> {
  const child = spawn(process.execPath, [main, '--port', '0', '--data', data, '--demo', ...more], {
    stdio: ['ignore', 'pipe', 'inherit'],
    cwd: __dirname,
  });
  started.push(child);
  let said = '';
  child.stdout.on('data', (chunk: Buffer) => {
    said += chunk.toString();
  });
  const url = await new Promise<string>((resolve, reject) => {
    child.once('exit', (code) => {
      reject(new Error(`the server ended with ${String(code)}`));
    });
    child.stdout.on('data', (chunk: Buffer) => {
      const match = /http:\/\/\S+/.exec(chunk.toString());
      if (match) resolve(match[0]);
    });
  });
  return { child, url, said: () => said };
}

describe('the process', () => {
  it('loses no acknowledged save when killed', async () => {
    const { child, url } = await start();
    const { lines } = (await (await fetch(`${url}/api/pieces`)).json()) as ShelfPage;
    if (!lines[0]) throw new Error('the demo shelf is empty');
    const piece = (await (await fetch(`${url}/api/pieces/${lines[0].id}`)).json()) as SavedPiece;
    let revision = piece.revision;
    for (let i = 0; i < 5; i += 1) {
      const document = { ...piece.document, notes: `save ${String(i)}` };
      const answer = await fetch(`${url}/api/pieces/${piece.id}`, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ baseRevision: revision, document }),
      });
      expect(answer.status).toBe(200);
      revision = ((await answer.json()) as SavedPiece).revision;
    }
    child.kill('SIGKILL');
    await new Promise((resolve) => child.once('exit', resolve));
    const again = await start();
    const back = (await (await fetch(`${again.url}/api/pieces/${piece.id}`)).json()) as SavedPiece;
    expect(back.revision).toBe(revision);
    expect(back.document.notes).toBe('save 4');
  }, 40_000);

  it('says what it can do, and refuses a port that is none', () => {
    const help = spawnSync(process.execPath, [main, '--help'], {
      cwd: __dirname,
      encoding: 'utf8',
    });
    expect(help.stdout).toContain('--port N');
    expect(() => readOptions(['--port', '70000'], {}, defaults)).toThrow(/0 to 65535/);
    expect(() => readOptions(['--port', 'x'], {}, defaults)).toThrow(/"x"/);
  }, 20_000);

  it('takes its settings from flags before the environment before defaults', () => {
    const env = { ZANFIRICO_PORT: '5000', ZANFIRICO_DATA: '/e' };
    expect(readOptions([], {}, defaults)).toMatchObject({ port: 4600, data: 'd', demo: false });
    expect(readOptions([], env, defaults)).toMatchObject({ port: 5000, data: '/e' });
    expect(readOptions(['--port', '0', '--demo'], env, defaults)).toMatchObject({
      port: 0,
      demo: true,
    });
  });

  long(
    'answers its own machine alone, until the flag opens it to the network',
    async () => {
      const { said } = await start();
      await new Promise((done) => setTimeout(done, 500));
      expect(said()).not.toMatch(/https:/);
      rmSync(join(data, 'in-use'), { force: true });
      data = mkdtempSync(join(tmpdir(), 'zanfirico-'));
      const open = await start('--lan');
      const address = await new Promise<string>((done) => {
        const look = setInterval(() => {
          const found = /https:\/\/127\.0\.0\.1:\d+/.exec(open.said())?.[0];
          if (found === undefined) return;
          clearInterval(look);
          done(found);
        }, 50);
      });
      expect(open.said()).toMatch(/certificate \(SHA-256\): ([0-9A-F]{2}:){31}/);
      const status = await new Promise<number>((done, fail) => {
        get(`${address}/api/pieces`, { rejectUnauthorized: false }, (res) => {
          done(res.statusCode ?? 0);
          res.resume();
        }).on('error', fail);
      });
      expect(status).toBe(401);
      expect(readOptions(['--lan', '--lan-port', '7000'], {}, defaults)).toMatchObject({
        lan: true,
        lanPort: 7000,
      });
      expect(readOptions([], { ZANFIRICO_LAN_PORT: '7001' }, defaults).lanPort).toBe(7001);
      expect(() => readOptions(['--lan-port', '99999'], {}, defaults)).toThrow(/0 to 65535/);
    },
    40_000,
  );

  long(
    'stops within seconds though a request was only half sent',
    async () => {
      const { child, url } = await start();
      const socket = connect(Number(new URL(url).port), '127.0.0.1');
      socket.on('error', () => undefined);
      await new Promise((sent) => {
        socket.write(
          'POST /api/pieces HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 100\r\n\r\n{',
          sent,
        );
      });
      await fetch(`${url}/api/health`);
      const since = Date.now();
      const ended = new Promise((resolve) => child.once('exit', resolve));
      child.kill('SIGTERM');
      expect(await ended).toBe(0);
      // Two seconds of grace; thirty were waited before. What is left is a slow machine's.
      expect(Date.now() - since).toBeLessThan(20_000);
      socket.destroy();
    },
    60_000,
  );
});
