// How Debian's Chromium is started here: headless, software WebGL, no network of its own.
export const CHROMIUM = {
  executablePath: process.env['ZANFIRICO_CHROMIUM'] ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu-sandbox',
    '--use-angle=swiftshader',
    '--enable-unsafe-swiftshader',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};
