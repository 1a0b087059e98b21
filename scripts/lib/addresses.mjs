/** Where others reach this machine. */
import { isIP } from 'node:net';
import { networkInterfaces } from 'node:os';
import { Refusal } from './run.mjs';

/** Names of networks inside the machine, which no phone is in. */
const INSIDE = /^(docker|br-|veth|virbr|vmnet|lxc|cni)/;
/** Addresses that routers of homes and huts give (RFC 1918): those come first. */
const OF_ROUTERS = /^(192\.168\.|10\.|172\.(1[6-9]|2\d|3[01])\.)/;

/** IPv4 addresses of this machine that others may reach, the likeliest first. */
export function networkAddresses(interfaces = networkInterfaces()) {
  const found = Object.entries(interfaces)
    .filter(([name]) => !INSIDE.test(name))
    .flatMap(([, addresses]) => addresses)
    .filter(
      ({ family, internal, address }) => family === 'IPv4' && !internal && !address.startsWith('169.254.'),
    )
    .map(({ address }) => address);
  return [
    ...found.filter((address) => OF_ROUTERS.test(address)),
    ...found.filter((address) => !OF_ROUTERS.test(address)),
  ];
}

/** An address as it stands in a URL. */
const inUrl = (address) => (isIP(address) === 6 ? `[${address}]` : address);

/**
 * Where to listen, and where that is reached.
 *
 * @param lan on all addresses of this machine
 * @param host on this one address
 */
export function listening({ lan, host }, port, addresses = networkAddresses()) {
  const at = (address) => `http://${inUrl(address)}:${port}`;
  if (host !== undefined) {
    if (isIP(host) === 0)
      throw new Refusal(`--host: needs an address such as 192.168.1.20, not "${host}"`, 2);
    if (host !== '0.0.0.0' && host !== '::') return { host, url: at(host), others: [] };
  } else if (!lan) return { host: '127.0.0.1', url: at('127.0.0.1'), others: [] };
  if (addresses.length === 0)
    throw new Refusal('This machine is in no network: others cannot reach it. Start Graft without --lan.');
  return { host: host ?? '0.0.0.0', url: at('127.0.0.1'), others: addresses.map(at) };
}

/** What is said where others can reach Graft without encryption. */
export const UNENCRYPTED = `  Not encrypted: whoever is in this network can read along, passwords too. For a network you
  trust, such as a hut's or a phone's own. Sheets need it all the time: without encryption browsers
  keep no page for later.
`;
