// Builds the web application; in development it hands /api to the server.
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { fileURLToPath } from 'node:url';
import { defineConfig, type Plugin, type Rolldown } from 'vite';
import { compression } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';

/** Faces the first look is set in, and the place it lands on: fetched beside the script, not after it. */
const FIRST = [
  /^assets\/alegreya-sans-latin-(400|700)-normal-.+\.woff2$/,
  /^assets\/grenze-latin-600-normal-.+\.woff2$/,
  /^assets\/spline-sans-mono-latin-wght-normal-.+\.woff2$/,
  /^assets\/start-.+\.js$/,
  /^assets\/PiecesPlace-.+\.js$/,
];
/** Those files, and what they cannot begin without. */
function withTheirs(bundle: Rolldown.OutputBundle): readonly string[] {
  const found = new Set(Object.keys(bundle).filter((f) => FIRST.some((wanted) => wanted.test(f))));
  for (const file of found) {
    const chunk = bundle[file];
    if (chunk?.type === 'chunk') for (const other of chunk.imports) found.add(other);
  }
  return [...found];
}
const preload: Plugin = {
  name: 'preload',
  transformIndexHtml: {
    order: 'post',
    // The pairing page loads nothing of the app.
    handler: (_html, { bundle = {}, path }) =>
      (path.endsWith('enter.html') ? [] : withTheirs(bundle)).map((file) => ({
        tag: 'link',
        injectTo: 'head',
        attrs: file.endsWith('.js')
          ? { rel: 'modulepreload', crossorigin: true, href: `/${file}` }
          : {
              rel: 'preload',
              as: 'font',
              type: 'font/woff2',
              crossorigin: true,
              href: `/${file}`,
            },
      })),
  },
};

const here = (path: string): string => fileURLToPath(new URL(`../${path}`, import.meta.url));

export default defineConfig({
  // Each file once more as br and gz: packed when it is built, not each time it is asked for.
  plugins: [
    react(),
    tailwindcss(),
    preload,
    // Kept in the browser once it was loaded, for when the server is away: src/sw.ts.
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'src',
      filename: 'sw.ts',
      manifest: false,
      injectRegister: false,
      injectManifest: {
        globPatterns: ['index.html', '*.svg', 'assets/*.{js,css,woff2,json}'],
        maximumFileSizeToCacheInBytes: 4_000_000,
      },
    }),
    compression({ algorithms: ['brotliCompress', 'gzip'], threshold: 1000 }),
  ],
  // Their language comes before what they do.
  worker: { format: 'es' },
  build: {
    outDir: 'dist',
    assetsInlineLimit: 0,
    target: 'es2022',
    rollupOptions: { input: ['web/index.html', 'web/enter.html'].map(here) },
  },
  server: {
    port: 4601,
    host: '127.0.0.1',
    proxy: { '/api': `http://127.0.0.1:${process.env['ZANFIRICO_PORT'] ?? '4600'}` },
  },
});
