// Builds the web application; in development it hands /api to the server.
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { outDir: 'dist', assetsInlineLimit: 0, target: 'es2022' },
  server: {
    port: 4601,
    host: '127.0.0.1',
    proxy: { '/api': `http://127.0.0.1:${process.env['ZANFIRICO_PORT'] ?? '4600'}` },
  },
});
