import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';
import { parsedMessages } from './messages.mjs';

export default defineConfig({
  plugins: [react(), parsedMessages()],
  resolve: {
    alias: [
      {
        find: /^@formatjs\/icu-messageformat-parser$/,
        replacement: '@formatjs/icu-messageformat-parser/no-parser.js',
      },
    ],
  },
  build: { target: 'es2022', sourcemap: false, chunkSizeWarningLimit: 1500, manifest: true },
  // the catalogue of words is beside the page
  server: {
    proxy: { '/api': process.env.MELLOW_SERVER ?? 'http://127.0.0.1:8734' },
    fs: { allow: ['..'] },
  },
  test: {
    environment: 'jsdom',
    css: false,
    setupFiles: 'src/test/setup.ts',
    // the libraries are loaded once for all files: that is three quarters of the time
    pool: 'threads',
    isolate: false,
    // a machine that builds other things meanwhile is slow, not wrong
    testTimeout: 60_000,
  },
});
