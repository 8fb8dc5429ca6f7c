import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  test: { setupFiles: ['src/test-setup.ts'] },
  build: { chunkSizeWarningLimit: 1200, assetsInlineLimit: 0 },
});
