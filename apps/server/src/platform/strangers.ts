import { hostname } from 'node:os';
import type { NextFunction, Request, Response } from 'express';
import { Failure } from './failure.js';

/** Methods that change nothing. */
const READING = new Set(['GET', 'HEAD', 'OPTIONS']);

const IP_LITERAL = /^(?:\d{1,3}(?:\.\d{1,3}){3}|\[[0-9a-f:.]+\])$/i;

/** Names under which this kitchen may be asked: its own, and what `ALTERUM_HOSTS` adds (parted by commas). */
export function knownHosts(more = process.env['ALTERUM_HOSTS'] ?? ''): ReadonlySet<string> {
  const own = hostname().toLowerCase();
  return new Set(['localhost', own, `${own}.local`, ...more.toLowerCase().split(/[\s,]+/)].filter(Boolean));
}

const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

/**
 * Why a request is a stranger's, or undefined. A name that leads here but is not the kitchen's is a page that rebinds its own name; an address
 * in figures cannot be rebound. A change must come from the kitchen's own pages, or from a program that is no browser: browsers always say
 * where a change comes from.
 */
export function strangeness(
  { method, headers }: Pick<Request, 'method' | 'headers'>,
  hosts: ReadonlySet<string>,
): string | undefined {
  const host = headers.host ?? '';
  const name = nameOf(host);
  if (!IP_LITERAL.test(name) && !hosts.has(name))
    return `This kitchen is not called “${name}”. Open it by its own name or address, or name it in ALTERUM_HOSTS.`;
  if (READING.has(method)) return undefined;
  const site = headers['sec-fetch-site'];
  if (site !== undefined && site !== 'same-origin' && site !== 'none')
    return 'Nothing was changed. Another site asked for this.';
  const { origin } = headers;
  if (origin !== undefined && origin.replace(/^https?:\/\//, '').toLowerCase() !== host.toLowerCase())
    return 'Nothing was changed. Another site asked for this.';
  return undefined;
}

const hasBody = ({ headers }: Request): boolean =>
  headers['transfer-encoding'] !== undefined || Number(headers['content-length'] ?? 0) > 0;

/** Refuses strangers, and bodies that are not JSON: a form of another site can send only such ones. */
export function refuseStrangers(hosts = knownHosts()) {
  return (request: Request, _response: Response, next: NextFunction): void => {
    const strange = strangeness(request, hosts);
    if (strange !== undefined) return next(new Failure('not-from-here', strange));
    if (!READING.has(request.method) && hasBody(request) && !request.is('application/json'))
      return next(
        new Failure(
          'wrong-content',
          'Nothing was changed. Send JSON, with “Content-Type: application/json”.',
        ),
      );
    next();
  };
}
