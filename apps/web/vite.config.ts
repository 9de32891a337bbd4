import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';

const api = `http://127.0.0.1:${process.env['API_PORT'] ?? '4173'}`;

export default defineConfig({
  root: fileURLToPath(new URL('.', import.meta.url)),
  plugins: [react(), tailwindcss()],
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
