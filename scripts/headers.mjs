import { createHash } from 'node:crypto';
import fs from 'node:fs';
import path from 'node:path';

const inline = /<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g;

/** What the browser may do for the application and nobody else. */
const features = [
  'camera',
  'microphone',
  'geolocation',
  'accelerometer',
  'gyroscope',
  'serial',
  'screen-wake-lock',
];

/**
 * The headers that answers of this build carry, pages and built files: nothing from elsewhere runs, and of inline scripts
 * only those it was built with.
 */
export function headersOf(pages) {
  const hashes = new Set();
  for (const page of pages)
    for (const [, script] of page.matchAll(inline))
      hashes.add(`'sha256-${createHash('sha256').update(script).digest('base64')}'`);
  const policy = {
    'default-src': ["'self'"],
    'script-src': ["'self'", ...[...hashes].sort()],
    // Positions that follow a hand are written as styles.
    'style-src': ["'self'", "'unsafe-inline'"],
    'img-src': ["'self'", 'data:', 'blob:'],
    'media-src': ["'self'", 'blob:'],
    'worker-src': ["'self'"],
    'object-src': ["'none'"],
    'base-uri': ["'none'"],
    'form-action': ["'self'"],
    'frame-ancestors': ["'none'"],
  };
  const written = (parts) =>
    Object.entries(parts)
      .map(([part, may]) => `${part} ${may.join(' ')}`)
      .join('; ');
  return {
    pages: {
      'X-Content-Type-Options': 'nosniff',
      'Referrer-Policy': 'no-referrer',
      'Content-Security-Policy': written(policy),
      'Permissions-Policy': features.map((feature) => `${feature}=(self)`).join(', '),
      'Cross-Origin-Opener-Policy': 'same-origin',
    },
    // A script is under the policy of its page, a worker under its own. Short: it comes with each of them.
    files: { 'X-Content-Type-Options': 'nosniff', 'Content-Security-Policy': "default-src 'self'" },
  };
}

export const headersFile = '.next/headers.json';

/** Writes them beside the build, from its prerendered pages. */
export function writeHeaders() {
  const folder = '.next/server/app';
  const pages = fs
    .readdirSync(folder, { recursive: true })
    .filter((file) => file.endsWith('.html'))
    .map((file) => fs.readFileSync(path.join(folder, file), 'utf8'));
  fs.writeFileSync(headersFile, JSON.stringify(headersOf(pages), undefined, 2));
}
