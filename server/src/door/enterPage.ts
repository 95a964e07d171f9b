// What a device that is not let in is shown: the pairing page and the files it is made of, and nothing else of the app.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { RequestHandler } from 'express';
import { fromNetwork } from './guard';

/** Files named in a text, below /assets. */
const namedIn = (text: string): string[] =>
  [...text.matchAll(/(?:\/assets\/|\.\/|url\(["']?)([\w.-]+\.(?:json|js|css|woff2|svg))/g)].flatMap(
    (m) => m[1] ?? [],
  );

/** Every file the page needs, followed through what names it. */
export function filesOfPage(root: string): ReadonlySet<string> {
  const found = new Set<string>();
  const waiting = namedIn(readFileSync(join(root, 'enter.html'), 'utf8'));
  for (let file = waiting.pop(); file !== undefined; file = waiting.pop()) {
    const path = join(root, 'assets', file);
    if (found.has(file) || !existsSync(path)) continue;
    found.add(file);
    if (/\.(js|css)$/.test(file)) waiting.push(...namedIn(readFileSync(path, 'utf8')));
  }
  return found;
}

/** Shows it in the place of every page until somebody is let in. */
export function onlyEntering(root: string): RequestHandler {
  let files: ReadonlySet<string> | undefined;
  return (req, res, next) => {
    if (!fromNetwork(req) || res.locals['me'] !== undefined) {
      next();
      return;
    }
    files ??= filesOfPage(root);
    const asset = /^\/assets\/([\w.-]+)$/.exec(req.path)?.[1];
    if ((asset !== undefined && files.has(asset)) || req.path === '/twist.svg') next();
    else if (/\.\w+$/.test(req.path) || (req.method !== 'GET' && req.method !== 'HEAD'))
      res.status(401).type('text/plain').send('This device is not let in: pair it first.');
    else
      res
        .status(401)
        .set('Cache-Control', 'no-store')
        .sendFile('enter.html', { dotfiles: 'allow', root });
  };
}
