// The studio's own network: what this machine is called there, and who is on it.
import { hostname, networkInterfaces } from 'node:os';
import { BlockList, isIPv6 } from 'node:net';

/** Networks that are nobody's on the internet: loopback, RFC 1918, link-local (RFC 3927), and their like of IPv6 (RFC 4193, 4291). */
const OWN = new BlockList();
for (const [net, bits] of [
  ['127.0.0.0', 8],
  ['10.0.0.0', 8],
  ['172.16.0.0', 12],
  ['192.168.0.0', 16],
  ['169.254.0.0', 16],
] as const)
  OWN.addSubnet(net, bits, 'ipv4');
OWN.addAddress('::1', 'ipv6');
OWN.addSubnet('fc00::', 7, 'ipv6');
OWN.addSubnet('fe80::', 10, 'ipv6');

/** Is this an address of the studio's own network? What comes from further away is not answered. */
export function isNear(address: string | undefined): boolean {
  if (address === undefined) return false;
  const plain = address.replace(/^::ffff:(?=\d+\.)/, '').replace(/%.*$/, '');
  return OWN.check(plain, isIPv6(plain) ? 'ipv6' : 'ipv4');
}

/** What this machine is called on the network. */
export interface Names {
  /** IPv4 addresses, those of the network before the loopback's. */
  readonly addresses: readonly string[];
  readonly hosts: readonly string[];
}

/** As it is called now: addresses come and go with the network. */
export function namesNow(): Names {
  const all = Object.values(networkInterfaces()).flatMap((list) => list ?? []);
  const outside = all.filter((a) => a.family === 'IPv4' && !a.internal && isNear(a.address));
  const name = hostname().toLowerCase();
  const hosts = /^[a-z0-9-]{1,63}$/.test(name) ? [name, `${name}.local`] : [];
  return {
    addresses: [...new Set([...outside.map((a) => a.address), '127.0.0.1'])],
    hosts: [...hosts, 'localhost'],
  };
}
