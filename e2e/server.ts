// A real server with the demo data on a folder of its own, for tests, screenshots and benches.
import { spawn } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

const home = resolve(dirname(fileURLToPath(import.meta.url)), '..');

export interface Running {
  readonly url: string;
  /** Its address on the network, as this machine reaches it; waits until it is open. */
  network(): Promise<string>;
  /** Its folder: what it keeps. */
  readonly data: string;
  /** Ends it as its owner does; what it kept stays. */
  end(): Promise<void>;
  /** As a machine that loses its power: what it kept stays. */
  fall(): Promise<void>;
  stop(): void;
}

/** A folder of its own, with the demo studio in it where that was stocked before (`stocked.ts`). */
function freshFolder(): string {
  const folder = mkdtempSync(join(tmpdir(), 'zanfirico-e2e-'));
  const stocked = process.env['ZANFIRICO_STOCKED'];
  if (stocked !== undefined) cpSync(stocked, folder, { recursive: true });
  return folder;
}

/** Starts it on a free port, or on one it had before; on what another kept, where that is named. The web application must have been built. */
export async function startServer(
  port = 0,
  data = freshFolder(),
  more: readonly string[] = [],
): Promise<Running> {
  const child = spawn(
    process.execPath,
    ['server/dist/main.js', '--demo', '--port', String(port), '--data', data, ...more],
    { cwd: home, stdio: ['ignore', 'pipe', 'inherit'] },
  );
  const network = new Promise<string>((done) => {
    child.stdout.on('data', (chunk: Buffer) => {
      const found = /https:\/\/127\.0\.0\.1:\d+/.exec(chunk.toString());
      if (found) done(found[0]);
    });
  });
  const url = await new Promise<string>((done, fail) => {
    child.once('exit', (code) => {
      fail(new Error(`the server ended with ${String(code)}`));
    });
    child.stdout.on('data', (chunk: Buffer) => {
      const found = /http:\/\/\S+/.exec(chunk.toString());
      if (found) done(found[0]);
    });
  });
  const ended = (signal: 'SIGKILL' | 'SIGTERM'): Promise<void> =>
    new Promise((done) => {
      child.once('exit', () => {
        done();
      });
      child.kill(signal);
    });
  return {
    url,
    network: () => network,
    data,
    end: () => ended('SIGTERM'),
    fall: () => ended('SIGKILL'),
    stop: () => {
      child.kill('SIGKILL');
      rmSync(data, { recursive: true, force: true });
    },
  };
}
