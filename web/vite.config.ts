import { defaultClientConditions, defineConfig } from 'vite';
import react from '@vitejs/plugin-react';

export default defineConfig({
  plugins: [react()],
  resolve: { conditions: ['@loyal-mane/source', ...defaultClientConditions] },
  server: { proxy: { '/api': 'http://127.0.0.1:8480' } },
  build: { target: 'es2022', chunkSizeWarningLimit: 900 },
});
