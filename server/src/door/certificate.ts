// The certificate the studio shows on its own network: made here, kept in the data folder for its owner's eyes only, made anew when it
// has run out, when the machine is called otherwise, or when the folder has come to another machine.
import { createHash, X509Certificate } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';
import { generate } from 'selfsigned';
import type { Names } from './network';

const DAY_MS = 86_400_000;
/** As long as browsers take a certificate for good. */
const GOOD_FOR_DAYS = 397;
/** It is made anew so long before it runs out. */
const BEFORE_DAYS = 7;
/** Clocks of tablets lag: it is good from the day before. */
const BACK_MS = DAY_MS;

/** A certificate and its key, PEM. */
export interface Certificate {
  readonly key: string;
  readonly cert: string;
  /** SHA-256 of it, as browsers show it. */
  readonly fingerprint: string;
  /** ms */
  readonly until: number;
  /** Why it was made now; undefined where the kept one is good. */
  readonly anew: 'first' | 'ran out' | 'other names' | 'other machine' | 'unreadable' | undefined;
}

/** What tells this machine from another: nothing anybody can read a name from. */
export function machineMark(): string {
  const id = ['/etc/machine-id', '/var/lib/dbus/machine-id'].find((f) => existsSync(f));
  const seed = `${hostname()}\n${id === undefined ? '' : readFileSync(id, 'utf8')}`;
  return createHash('sha256').update(seed).digest('hex');
}

const filesIn = (folder: string) => ({
  key: join(folder, 'key.pem'),
  cert: join(folder, 'certificate.pem'),
  machine: join(folder, 'machine'),
});

function whyAnew(folder: string, names: Names, now: number, mark: string): Certificate['anew'] {
  const files = filesIn(folder);
  if (!Object.values(files).every((f) => existsSync(f))) return 'first';
  if (readFileSync(files.machine, 'utf8') !== mark) return 'other machine';
  try {
    const cert = new X509Certificate(readFileSync(files.cert));
    if (Date.parse(cert.validTo) - BEFORE_DAYS * DAY_MS < now) return 'ran out';
    if (Date.parse(cert.validFrom) > now) return 'ran out';
    const all =
      names.addresses.every((a) => cert.checkIP(a) !== undefined) &&
      names.hosts.every((h) => cert.checkHost(h) !== undefined);
    return all ? undefined : 'other names';
  } catch {
    return 'unreadable';
  }
}

/** The certificate of a data folder for a machine of these names; made where there is none that is good. Throws what the system says. */
export async function certificateIn(
  data: string,
  names: Names,
  now = Date.now(),
  mark = machineMark(),
): Promise<Certificate> {
  const folder = join(data, 'network');
  const files = filesIn(folder);
  const anew = whyAnew(folder, names, now, mark);
  if (anew !== undefined) {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    const made = await generate([{ name: 'commonName', value: 'Zanfirico of this studio' }], {
      keyType: 'ec',
      algorithm: 'sha256',
      notBeforeDate: new Date(now - BACK_MS),
      notAfterDate: new Date(now + GOOD_FOR_DAYS * DAY_MS),
      extensions: [
        { name: 'basicConstraints', cA: false, critical: true },
        { name: 'keyUsage', digitalSignature: true, critical: true },
        { name: 'extKeyUsage', serverAuth: true },
        {
          name: 'subjectAltName',
          altNames: [
            ...names.hosts.map((value) => ({ type: 2 as const, value })),
            ...names.addresses.map((ip) => ({ type: 7 as const, ip })),
          ],
        },
      ],
    });
    for (const [file, text] of [
      [files.key, made.private],
      [files.cert, made.cert],
      [files.machine, mark],
    ] as const) {
      writeFileSync(file, text, { mode: 0o600 });
      // What stood there before keeps its own mode.
      chmodSync(file, 0o600);
    }
    chmodSync(folder, 0o700);
  }
  const cert = readFileSync(files.cert, 'utf8');
  const read = new X509Certificate(cert);
  return {
    key: readFileSync(files.key, 'utf8'),
    cert,
    fingerprint: read.fingerprint256,
    until: Date.parse(read.validTo),
    anew,
  };
}
