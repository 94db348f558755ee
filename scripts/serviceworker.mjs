import fs from 'node:fs';
import path from 'node:path';
import { build } from 'esbuild';

/** Files below a folder, as paths from it. */
const below = (folder) =>
  fs
    .readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => path.relative(folder, path.join(entry.parentPath, entry.name)).split(path.sep).join('/'));

/**
 * Writes the service worker of the present build to public/: it stores every page, both as a page and as the payload the
 * router asks for, and every script, style, typeface and worker of the build.
 */
export async function writeServiceWorker() {
  const revision = fs.readFileSync('.next/BUILD_ID', 'utf8');
  // The name of a built file is made from what is in it: no revision is needed beside it.
  const files = below('.next/static')
    .filter((file) => !/\.(map|br)$/.test(file) && !file.startsWith(`${revision}/`))
    .map((file) => ({ url: `/_next/static/${file}`, revision: null }));
  const pages = below('.next/server/app')
    .filter((file) => file.endsWith('.html') && !file.startsWith('_'))
    .map((file) => (file === 'index.html' ? '/' : `/${file.slice(0, -'.html'.length)}`))
    .flatMap((url) => [
      { url, revision },
      { url: `${url}?payload`, revision },
    ]);
  const shown = [
    '/manifest.webmanifest',
    ...fs
      .readdirSync('public')
      .filter((file) => /\.(png|svg)$/.test(file))
      .map((file) => `/${file}`),
  ].map((url) => ({ url, revision }));
  await build({
    entryPoints: ['src/offline/serviceworker.ts'],
    outfile: 'public/sw.js',
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    logLevel: 'warning',
    define: {
      'process.env.NODE_ENV': '"production"',
      __ENTRIES__: JSON.stringify([...pages, ...files, ...shown]),
    },
  });
}
