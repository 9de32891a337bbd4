import { type ArgumentsHost, Catch, type ExceptionFilter, HttpException, Logger } from '@nestjs/common';
import type { Request, Response } from 'express';
import { Failure } from './failure.js';

/** What the frameworks throw when a request is at fault: they say so by the status. */
interface RequestError {
  readonly status?: unknown;
}

const statusOf = (error: unknown): number | undefined => {
  const status =
    error instanceof HttpException ? error.getStatus() : (error as RequestError | undefined)?.status;
  return typeof status === 'number' ? status : undefined;
};

/** What the database could not do, in words: nothing of the request was kept. */
function failureOfStorage(error: unknown): Failure | undefined {
  const text = error instanceof Error ? `${error.name} ${error.message}` : '';
  if (
    /LockWaitTimeout|database (table )?is locked|KnexTimeoutError|Timeout acquiring a connection/.test(text)
  )
    return new Failure(
      'busy',
      'Nothing was changed. Another program holds the database; it is tried again in a moment.',
    );
  if (/database or disk is full|ENOSPC/.test(text))
    return new Failure('cannot-store', 'Nothing was changed. The disk is full: make room, then try again.');
  if (/readonly database|ReadOnlyException|EROFS/.test(text))
    return new Failure(
      'cannot-store',
      'Nothing was changed. The database file cannot be written; look at the rights of the file and its folder.',
    );
  if (/disk I\/O error/.test(text))
    return new Failure(
      'cannot-store',
      'Nothing was changed. The disk could not be read or written; look whether it is still there.',
    );
  return undefined;
}

/** s after which a client may ask again. */
const RETRY_AFTER_S = 2;

/** What the frameworks below throw, in the API's own failure kinds. */
function failureOf(error: unknown): Failure | undefined {
  if (error instanceof Failure) return error;
  const stored = failureOfStorage(error);
  if (stored) return stored;
  const status = statusOf(error);
  if (status === undefined || status < 400 || status >= 500) return undefined;
  switch (status) {
    case 404:
      return new Failure('not-found', 'There is nothing at this address.');
    case 413:
      return new Failure('too-large', 'Nothing was changed. At most 1 MB can be sent at once.');
    case 416:
      return new Failure(
        'no-such-part',
        'The file ends before the part that was asked for; ask for all of it.',
      );
    default:
      // Broken or unknown packing, an unknown script, a request that breaks off, no JSON.
      return new Failure(
        'unreadable-body',
        'Nothing was changed. The request could not be read; the body must be JSON.',
      );
  }
}

interface Layer {
  readonly route?: { readonly methods: Readonly<Record<string, boolean>> };
  match(path: string): boolean;
}

const isNoRoute = (error: unknown): boolean => error instanceof HttpException && error.getStatus() === 404;

/** Methods that are known at the address of a request, when its own is not. */
function otherMethods(request: Request): readonly string[] {
  const { stack } = (request.app as unknown as { readonly router: { readonly stack: readonly Layer[] } })
    .router;
  const methods = stack.flatMap((layer) => {
    const own = Object.keys(layer.route?.methods ?? {});
    // What answers to every method is no route of its own.
    return own.length === 1 && layer.match(request.path) ? own : [];
  });
  return [...new Set(methods.map((method) => method.toUpperCase()))]
    .filter((method) => method !== '_ALL' && method !== request.method)
    .sort();
}

/** Turns every failure into a problem document (RFC 9457); what was not expected is logged and told without its inside. */
@Catch()
export class FailureFilter implements ExceptionFilter {
  private readonly logger = new Logger('failure');

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const request = http.getRequest<Request>(),
      response = http.getResponse<Response>();
    let failure = failureOf(error);
    const allowed = failure?.kind === 'not-found' && isNoRoute(error) ? otherMethods(request) : [];
    if (allowed.length > 0) {
      failure = new Failure(
        'not-allowed',
        `Nothing was changed. At this address only ${allowed.join(', ')} can be asked.`,
      );
      response.setHeader('Allow', allowed.join(', '));
    }
    if (!failure) {
      this.logger.error(error instanceof Error ? error.stack : String(error));
      failure = new Failure(
        'internal',
        'The server failed. What was saved before is kept; try again in a moment.',
      );
    }
    const problem = failure.toProblem(request.originalUrl);
    if (failure.kind === 'busy') response.setHeader('Retry-After', String(RETRY_AFTER_S));
    response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
  }
}
