import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  resolve: { conditions: ['kestrel-src', ...defaultClientConditions] },
  worker: { format: 'es' },
  build: {
    target: 'es2022',
    manifest: true,
    chunkSizeWarningLimit: 800,
    rollupOptions: {
      input: { main: 'index.html', sw: 'src/offline/serviceWorker.ts' },
      // A service worker answers for what lies beside and below it: it stands at the top, under one name.
      output: { entryFileNames: ({ name }) => (name === 'sw' ? 'sw.js' : 'assets/[name]-[hash].js') },
    },
  },
  server: { host: '127.0.0.1', port: 4181, proxy: { '/api': 'http://127.0.0.1:4180' } },
});
