import fs from 'node:fs';
import { parseArgs } from 'node:util';

/**
 * `npm run conclude -- FILE [--job ID] [--at ISO-TIME] [--units metric|us] [--tz ZONE]`: what the application concludes
 * from an exported bundle, as JSON on standard output. Ends with 0 unless the call or the file itself is at fault.
 */
const usage = 'npm run conclude -- FILE [--job ID] [--at ISO-TIME] [--units metric|us] [--tz ZONE]';

function give(says: string): never {
  process.stderr.write(`${says}\n`);
  process.exit(1);
}

function asked() {
  try {
    return parseArgs({
      allowPositionals: true,
      options: {
        job: { type: 'string' },
        at: { type: 'string' },
        units: { type: 'string', default: 'metric' },
        tz: { type: 'string', default: 'UTC' },
      },
    });
  } catch (error) {
    return give(`${error instanceof Error ? error.message : String(error)}\n${usage}`);
  }
}

async function main() {
  const {
    positionals: [file, ...more],
    values: { job, at, units, tz },
  } = asked();
  if (!file || more.length > 0) give(usage);
  if (units !== 'metric' && units !== 'us') give(`--units is metric or us, not “${units}”.`);
  try {
    new Intl.DateTimeFormat('en', { timeZone: tz });
  } catch {
    give(`--tz is a time zone such as Europe/Berlin, not “${tz}”.`);
  }
  // Before anything reads the clock on the wall; a moment without a zone is one of it too.
  process.env.TZ = tz;
  const moment = at === undefined ? Date.now() : Date.parse(at);
  if (Number.isNaN(moment)) give(`--at is a moment such as 2026-11-23T09:00:00Z, not “${at}”.`);
  const bytes = (() => {
    try {
      return fs.readFileSync(file);
    } catch {
      return give(`${file} cannot be read.`);
    }
  })();
  // With photos it is an archive, which begins as archives do.
  const { isArchive, readArchive } = await import('../src/exchange/archive');
  const blob = new Blob([new Uint8Array(bytes)]);
  const archive = (await isArchive(blob)) ? await readArchive(blob) : undefined;
  if (archive && 'refused' in archive) give(archive.says);
  const text = archive ? archive.bundle : bytes.toString('utf8');
  const { concludeFile } = await import('../src/exchange/conclude');
  const outcome = concludeFile(text, { at: moment, units, ...(job === undefined ? {} : { job }) });
  if ('unread' in outcome) give(outcome.unread.says);
  process.stdout.write(`${JSON.stringify(outcome.found, null, 2)}\n`);
}

void main();
