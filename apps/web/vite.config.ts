import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  worker: { format: 'es' },
  build: {
    target: 'es2022',
    // Component library, router and queries are the first load, about 180 kB compressed.
    chunkSizeWarningLimit: 700,
    rolldownOptions: {
      // Members' sheets are a small program of their own, with a service worker at a fixed address.
      input: { main: 'index.html', sheet: 's/index.html', sw: 'src/sheet/worker.ts' },
      output: { entryFileNames: ({ name }) => (name === 'sw' ? 's/sw.js' : 'assets/[name]-[hash].js') },
    },
  },
});
