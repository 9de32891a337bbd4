import { appendFileSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import type { Plugin } from 'vite';

const fonts = ['@fontsource-variable/atkinson-hyperlegible-next', '@fontsource-variable/bricolage-grotesque'];
const require = createRequire(import.meta.url);

/** Appends the licences of the fonts, which come by stylesheet and not by import, to the file of licences. */
export const fontLicences = (file: string): Plugin => ({
  name: 'font-licences',
  apply: 'build',
  closeBundle: {
    order: 'post',
    sequential: true,
    handler() {
      for (const font of fonts) {
        const folder = dirname(require.resolve(`${font}/package.json`));
        appendFileSync(file, `\n\n---\n\nName: ${font}\n\n${readFileSync(join(folder, 'LICENSE'), 'utf8')}`);
      }
    },
  },
});
