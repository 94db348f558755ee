import { spawn, type ChildProcess } from 'node:child_process';
import net from 'node:net';
import path from 'node:path';

declare global {
  var fluoriteServers: ChildProcess[] | undefined;
}

const freePort = () =>
  new Promise<number>((resolve) => {
    const probe = net.createServer();
    probe.listen(0, () => {
      const { port } = probe.address() as net.AddressInfo;
      probe.close(() => resolve(port));
    });
  });

async function serve(env: Record<string, string>): Promise<{ server: ChildProcess; address: string }> {
  const port = await freePort();
  const next = path.join('node_modules', 'next', 'dist', 'bin', 'next');
  const server = spawn(process.execPath, [next, 'start', '-p', String(port)], {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
    stdio: 'ignore',
  });
  const address = `http://localhost:${port}`;
  for (let tries = 0; tries < 100; tries += 1) {
    const up = await fetch(`${address}/start`).then(
      (answer) => answer.ok,
      () => false,
    );
    if (up) return { server, address };
    await new Promise((wait) => setTimeout(wait, 200));
  }
  server.kill();
  throw new Error('The built application did not start. Run: npm run build');
}

/**
 * The zone in which it is now between ten and eleven in the morning, for the browser, the servers and the tests alike:
 * a plan drawn up before midnight names tomorrow where one drawn up at noon does not. FLUORITE_HOUR chooses another.
 */
function zoneWhereItIs(hour: number): string {
  const ahead = ((hour - new Date().getUTCHours() + 36) % 24) - 12;
  // These names count west of Greenwich as positive.
  return `Etc/GMT${ahead > 0 ? '-' : '+'}${Math.abs(ahead)}`;
}

/** Starts the built application twice, plain and with the demo shop, each on a free port. */
export default async function start() {
  process.env.TZ = zoneWhereItIs(Number(process.env.FLUORITE_HOUR ?? 10));
  const [plain, demo] = await Promise.all([serve({ FLUORITE_DEMO: '' }), serve({ FLUORITE_DEMO: '1' })]);
  process.env.FLUORITE_PLAIN = plain.address;
  process.env.FLUORITE_WITH_DEMO = demo.address;
  globalThis.fluoriteServers = [plain.server, demo.server];
}
