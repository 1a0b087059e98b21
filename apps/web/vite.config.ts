import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  worker: { format: 'es' },
  // Component library, router and queries are the first load, about 180 kB compressed.
  build: { target: 'es2022', chunkSizeWarningLimit: 700 },
});
