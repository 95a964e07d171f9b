// Secrets that are kept: codes and PINs by scrypt, for they are short; tokens by their digest, for they are not.
import { createHash, randomBytes, scrypt, timingSafeEqual } from 'node:crypto';

/** Cost, block and lanes as RFC 7914 names them: some 16 MiB and 50 ms a guess. */
const COST = { N: 16_384, r: 8, p: 1 } as const;
const LENGTH = 32;
const SALT = 16;

/** scrypt (RFC 7914) of a short secret. */
export const slowHash = (secret: string, salt: Buffer): Promise<Buffer> =>
  new Promise((done, fail) => {
    scrypt(secret, salt, LENGTH, COST, (error, key) => {
      if (error) fail(error);
      else done(key);
    });
  });

/** Salt for a PIN or a code. */
export const newSalt = (): Buffer => randomBytes(SALT);

/** Are they the same, in the same time whether or not. */
export const sameBytes = (a: Buffer, b: Buffer): boolean =>
  a.length === b.length && timingSafeEqual(a, b);

/** A PIN as it is kept. */
export async function keptPin(pin: string): Promise<string> {
  const salt = newSalt();
  return `${salt.toString('hex')}:${(await slowHash(pin, salt)).toString('hex')}`;
}

/** Is it the PIN that was kept? */
export async function isPin(pin: string, kept: string): Promise<boolean> {
  const [salt = '', hash = ''] = kept.split(':');
  return sameBytes(await slowHash(pin, Buffer.from(salt, 'hex')), Buffer.from(hash, 'hex'));
}

/** What a cookie holds: 256 bits nobody guesses. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** A token as it is kept: whoever reads the database has no cookie. */
export const tokenHash = (token: string): string =>
  createHash('sha256').update(token).digest('hex');
