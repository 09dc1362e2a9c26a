import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { outDir: 'target/classes/static', emptyOutDir: true, manifest: true },
  server: { port: 5173, strictPort: true, proxy: { '/api': `http://127.0.0.1:${process.env.PORT ?? '8080'}` } },
  test: {
    environment: 'jsdom',
    globals: false,
    testTimeout: 60_000,
    setupFiles: ['./src/test-setup.ts'],
    include: ['src/**/*.test.{ts,tsx}'],
    coverage: { provider: 'v8' },
  },
});
