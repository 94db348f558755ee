/** The scripts and styles of a build, packed as small as browsers can read them, beside the build. */
import fs from 'node:fs';
import path from 'node:path';
import zlib from 'node:zlib';

const built = path.join('.next', 'static');
const types = { '.js': 'application/javascript; charset=UTF-8', '.css': 'text/css; charset=UTF-8' };

/** Packs what is built, once: a server has no time for it while somebody waits. */
export function writePacked() {
  for (const file of fs.readdirSync(built, { recursive: true, encoding: 'utf8' })) {
    if (!types[path.extname(file)]) continue;
    const whole = path.join(built, file);
    const text = fs.readFileSync(whole);
    fs.writeFileSync(
      `${whole}.br`,
      zlib.brotliCompressSync(text, {
        params: {
          [zlib.constants.BROTLI_PARAM_QUALITY]: 11,
          [zlib.constants.BROTLI_PARAM_SIZE_HINT]: text.length,
        },
      }),
    );
  }
}

/**
 * Answers with a packed file, where there is one and the browser reads it.
 *
 * @returns false where it has not answered
 */
export function answerPacked(request, response) {
  const found = /^\/_next\/static\/([\w./~-]+\.(?:js|css))(?:\?|$)/.exec(request.url ?? '');
  const reads = /\bbr\b/.test(request.headers['accept-encoding'] ?? '');
  if (request.method !== 'GET' || !found || !reads || found[1].includes('..')) return false;
  const file = path.join(built, `${found[1]}.br`);
  if (!fs.existsSync(file)) return false;
  // A built file’s name tells its content: it is never another.
  response.setHeader('Cache-Control', 'public, max-age=31536000, immutable');
  response.setHeader('Content-Type', types[path.extname(found[1])]);
  response.setHeader('Content-Encoding', 'br');
  response.setHeader('Content-Length', fs.statSync(file).size);
  response.setHeader('Vary', 'Accept-Encoding');
  fs.createReadStream(file).pipe(response);
  return true;
}
