import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  resolve: { conditions: ['kestrel-src', ...defaultClientConditions] },
  worker: { format: 'es' },
  build: { target: 'es2022', manifest: true, chunkSizeWarningLimit: 800 },
  server: { host: '127.0.0.1', port: 4181, proxy: { '/api': 'http://127.0.0.1:4180' } },
});
