import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { NextFunction, Request, Response } from 'express';

/** Serves the built web app; every address that is not the API's gets its page, so that deep links work. */
export function serveWebApp(app: NestExpressApplication, folder: string): boolean {
  const page = join(folder, 'index.html');
  if (!existsSync(page)) return false;
  app.useStaticAssets(folder, {
    index: false,
    setHeaders: (response: Response, path: string) => {
      response.setHeader(
        'Cache-Control',
        path.includes(join('dist', 'assets')) ? 'public, max-age=31536000, immutable' : 'no-cache',
      );
    },
  });
  app.use((request: Request, response: Response, next: NextFunction) => {
    const wantsPage =
      (request.method === 'GET' || request.method === 'HEAD') &&
      !/^\/api(\/|$)/.test(request.path) &&
      !/\.[a-z0-9]+$/i.test(request.path);
    if (!wantsPage) return next();
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(page);
  });
  return true;
}
