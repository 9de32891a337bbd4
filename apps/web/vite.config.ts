import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import license from 'rollup-plugin-license';
import { defaultClientConditions, defineConfig } from 'vite';
import { fontLicences } from './font-licences';

const api = `http://127.0.0.1:${process.env['API_PORT'] ?? '4173'}`;

const licences = fileURLToPath(new URL('dist/licences.txt', import.meta.url));

export default defineConfig({
  root: fileURLToPath(new URL('.', import.meta.url)),
  plugins: [
    react(),
    tailwindcss(),
    // What is shipped in the page brings its licences along.
    license({ thirdParty: { output: { file: licences, encoding: 'utf8' } } }),
    fontLicences(licences),
  ],
  resolve: { conditions: ['@alterum/source', ...defaultClientConditions] },
  worker: { format: 'es' },
  server: {
    host: '127.0.0.1',
    port: Number(process.env['WEB_PORT'] ?? 5173),
    strictPort: true,
    proxy: { '/api': { target: api, changeOrigin: true } },
  },
  build: { target: 'es2022', manifest: true, reportCompressedSize: true, chunkSizeWarningLimit: 700 },
});
