// The studio's certificate: made once, read by its owner, made anew when it no longer says the truth; and the door that shows it.
import { mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { connect as reach, createServer } from 'node:net';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { X509Certificate } from 'node:crypto';
import { connect } from 'node:tls';
import { openDatabase, type Database } from '../store/database';
import { sessionStore } from './sessionStore';
import { certificateIn } from './certificate';
import { doorOver, type Door } from './door';
import { openingOf } from './opening';
import { namesNow } from './network';

const DAY = 86_400_000;
const T0 = Date.UTC(2026, 10, 28);
const HOME = { addresses: ['192.168.1.5', '127.0.0.1'], hosts: ['tern', 'tern.local'] };

let data: string;
beforeEach(() => {
  data = mkdtempSync(join(tmpdir(), 'zanfirico-cert-'));
});
afterEach(() => {
  rmSync(data, { recursive: true, force: true });
});

describe('the certificate of a data folder', () => {
  it('is made the first time, kept after that, and good for each of the machine’s names and addresses', async () => {
    const first = await certificateIn(data, HOME, T0, 'here');
    expect(first.anew).toBe('first');
    const again = await certificateIn(data, HOME, T0 + 100 * DAY, 'here');
    expect([again.anew, again.fingerprint]).toEqual([undefined, first.fingerprint]);
    const cert = new X509Certificate(first.cert);
    for (const a of HOME.addresses) expect(cert.checkIP(a)).toBe(a);
    for (const h of HOME.hosts) expect(cert.checkHost(h)).toBe(h);
    expect(cert.checkHost('evil.invalid')).toBeUndefined();
    expect(cert.ca).toBe(false);
    // An elliptic key on P-256 (FIPS 186-5), signed with SHA-256.
    expect(cert.publicKey.asymmetricKeyDetails?.namedCurve).toBe('prime256v1');
    // Browsers take no leaf for longer than 398 days (baseline requirements 6.3.2, from memory).
    expect((Date.parse(cert.validTo) - Date.parse(cert.validFrom)) / DAY).toBeLessThanOrEqual(398);
    // A tablet whose clock is hours behind takes it all the same.
    expect(Date.parse(cert.validFrom)).toBeLessThan(T0 - 3_600_000);
  });

  it.each([
    ['ran out', () => certificateIn(data, HOME, T0 + 400 * DAY, 'here')],
    ['ran out', () => certificateIn(data, HOME, T0 + 391 * DAY, 'here')],
    ['ran out', () => certificateIn(data, HOME, T0 - 30 * DAY, 'here')],
    ['other machine', () => certificateIn(data, HOME, T0, 'there')],
    ['other names', () => certificateIn(data, { ...HOME, addresses: ['192.168.7.9'] }, T0, 'here')],
    [
      'unreadable',
      () => {
        writeFileSync(join(data, 'network', 'certificate.pem'), 'torn');
        return certificateIn(data, HOME, T0, 'here');
      },
    ],
  ])('is made anew: %s', async (why, then) => {
    const first = await certificateIn(data, HOME, T0, 'here');
    const fresh = await then();
    expect(fresh.anew).toBe(why);
    expect(fresh.fingerprint).not.toBe(first.fingerprint);
    expect(statSync(join(data, 'network', 'key.pem')).mode & 0o777).toBe(0o600);
  });
});

describe('the door to the network', () => {
  let db: Database;
  let door: Door;
  beforeEach(async () => {
    db = await openDatabase(':memory:');
    door = await doorOver(sessionStore(db));
  });
  afterEach(() => db.destroy());
  const enter = async (): Promise<string> => {
    const code = await door.codes.issue({ name: 'bench', may: 'hand' });
    const entered = await door.enter({ code: code?.code ?? '', device: 'tablet' }, undefined);
    return entered?.token ?? '';
  };

  it('opens and shuts by the switch, which is kept; the flag is for once', async () => {
    const opening = openingOf({ data, port: 0, door });
    opening.answer((_req, res) => res.end('here'));
    await opening.open('flag');
    expect(opening.state()).toMatchObject({ open: true, by: 'flag', trouble: undefined });
    expect(await opening.wasOn()).toBe(false);
    await opening.stop();
    await opening.open('switch');
    expect(opening.state().addresses).toHaveLength(namesNow().addresses.length);
    await opening.stop();
    expect(await opening.wasOn()).toBe(true);
    await opening.shut();
    expect([opening.state().open, await opening.wasOn()]).toEqual([false, false]);
  });

  it('shows the certificate it says it shows, and takes no old handshake', async () => {
    const opening = openingOf({ data, port: 0, door });
    opening.answer((_req, res) => res.end('here'));
    await opening.open('flag');
    const { addresses, fingerprint } = opening.state();
    const port = Number(/:(\d+)$/.exec(addresses[0] ?? '')?.[1]);
    const shown = await new Promise<string>((done, fail) => {
      const socket = connect({ port, host: '127.0.0.1', rejectUnauthorized: false }, () => {
        done(socket.getPeerX509Certificate()?.fingerprint256 ?? '');
        socket.destroy();
      });
      socket.once('error', fail);
    });
    expect(shown).toBe(fingerprint);
    const old = connect({
      port,
      host: '127.0.0.1',
      rejectUnauthorized: false,
      maxVersion: 'TLSv1.1',
      minVersion: 'TLSv1',
    });
    await expect(
      new Promise((done, fail) => {
        old.once('secureConnect', done);
        old.once('error', fail);
      }),
    ).rejects.toThrow();
    await opening.stop();
  });

  it('does not wait for ever for a head that does not end (slow requests)', async () => {
    const opening = openingOf({ data, port: 0, door });
    opening.answer((_req, res) => res.end('here'));
    await opening.open('flag');
    const port = Number(/:(\d+)$/.exec(opening.state().addresses[0] ?? '')?.[1]);
    const said = await new Promise<string>((done, fail) => {
      let heard = '';
      const socket = connect({ port, host: '127.0.0.1', rejectUnauthorized: false }, () => {
        socket.write('GET / HTTP/1.1\r\nHost: localhost\r\nX-Slow: ');
      });
      socket.on('data', (chunk: Buffer) => {
        heard += chunk.toString();
      });
      socket.once('close', () => {
        done(heard);
      });
      socket.once('error', fail);
    });
    expect(said).toMatch(/^HTTP\/1\.1 408/);
    await opening.stop();
  }, 60_000);

  it('shut, it answers nobody who was already shaking hands', async () => {
    const opening = openingOf({ data, port: 0, door });
    opening.answer((_req, res) => res.end('here'));
    await opening.open('switch');
    const port = Number(/:(\d+)$/.exec(opening.state().addresses[0] ?? '')?.[1]);
    const early = reach(port, '127.0.0.1');
    const ended = new Promise<void>((done) => {
      early.once('close', () => {
        done();
      });
      early.on('error', () => undefined);
    });
    await new Promise((done) => early.once('connect', done));
    // The server has it, and no greeting yet.
    await new Promise((done) => setTimeout(done, 50));
    await opening.shut();
    await ended;
    await expect(
      new Promise((done, fail) => {
        reach(port, '127.0.0.1').once('connect', done).once('error', fail);
      }),
    ).rejects.toThrow('ECONNREFUSED');
  });

  it('puts everybody out when the folder came from another machine, and says so', async () => {
    const before = openingOf({ data, port: 0, door, mark: 'here' });
    before.answer((_req, res) => res.end());
    await before.open('flag');
    const token = await enter();
    expect((await door.standing(token)).kind).toBe('in');
    await before.stop();
    const after = openingOf({ data, port: 0, door, mark: 'there' });
    after.answer((_req, res) => res.end());
    await after.open('flag');
    expect(after.state().anew).toMatch(/came from another machine/);
    expect((await door.standing(token)).kind).toBe('none');
    await after.stop();
  });

  it('says whose the port is where it is taken, and stays shut', async () => {
    const taken = createServer();
    await new Promise<void>((done) => taken.listen(0, '0.0.0.0', done));
    const { port } = taken.address() as AddressInfo;
    const opening = openingOf({ data, port, door });
    opening.answer((_req, res) => res.end());
    await opening.open('switch');
    expect(opening.state()).toMatchObject({ open: false });
    expect(opening.state().trouble).toMatch(/--lan-port/);
    await new Promise((done) => taken.close(done));
    await opening.open('switch');
    expect(opening.state()).toMatchObject({ open: true, trouble: undefined });
    await opening.stop();
  });
});
