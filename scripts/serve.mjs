/**
 * `npm start`: serves the present build. On this machine alone, unless HOST says which of its addresses; CERT and KEY, files
 * in PEM, serve it over TLS. PORT overrides 3000.
 */
import fs from 'node:fs';
import http from 'node:http';
import https from 'node:https';
import { headersFile } from './headers.mjs';
import { answerPacked } from './packed.mjs';
import './steps.mjs';

const { PORT = '3000', HOST = 'localhost', CERT, KEY } = process.env;
if (!fs.existsSync(headersFile)) {
  console.error('There is no build to serve. Make one: npm run build');
  process.exit(1);
}
if (Boolean(CERT) !== Boolean(KEY)) {
  console.error('TLS needs both CERT and KEY.');
  process.exit(1);
}
process.env.NODE_ENV = 'production';
// Only now: it looks at that when it is loaded.
const { default: next } = await import('next');
const headers = JSON.parse(fs.readFileSync(headersFile, 'utf8'));
const app = next({ dev: false, hostname: HOST, port: Number(PORT) });
await app.prepare();
const answer = app.getRequestHandler();
const handle = (request, response) => {
  const built = request.url?.startsWith('/_next/static/');
  for (const [name, value] of Object.entries(built ? headers.files : headers.pages))
    response.setHeader(name, value);
  if (!answerPacked(request, response)) void answer(request, response);
};
const server =
  CERT && KEY
    ? https.createServer({ cert: fs.readFileSync(CERT), key: fs.readFileSync(KEY) }, handle)
    : http.createServer(handle);
server.on('error', ({ message }) => {
  console.error(`Cannot serve on ${HOST}:${PORT}: ${message}`);
  process.exit(1);
});
server.listen(Number(PORT), HOST);
