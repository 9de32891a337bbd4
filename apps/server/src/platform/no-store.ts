import type { NextFunction, Request, Response } from 'express';

/** Answers of the kitchen are of the moment: nobody between keeps them, nor what was refused. */
export function noStore({ path }: Request, response: Response, next: NextFunction): void {
  if (path === '/api' || path.startsWith('/api/')) response.setHeader('Cache-Control', 'no-store');
  next();
}
