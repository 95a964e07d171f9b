// Builds the web application; in development it hands /api to the server.
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { compression } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  // Each file once more as br and gz: packed when it is built, not each time it is asked for.
  plugins: [
    react(),
    tailwindcss(),
    // Kept in the browser once it was loaded, for when the server is away: src/sw.ts.
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'src',
      filename: 'sw.ts',
      manifest: false,
      injectRegister: false,
      injectManifest: {
        globPatterns: ['index.html', '*.svg', 'assets/*.{js,css,woff2}'],
        maximumFileSizeToCacheInBytes: 4_000_000,
      },
    }),
    compression({ algorithms: ['brotliCompress', 'gzip'], threshold: 1000 }),
  ],
  build: { outDir: 'dist', assetsInlineLimit: 0, target: 'es2022' },
  server: {
    port: 4601,
    host: '127.0.0.1',
    proxy: { '/api': `http://127.0.0.1:${process.env['ZANFIRICO_PORT'] ?? '4600'}` },
  },
});
