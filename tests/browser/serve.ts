import { spawn, type ChildProcess } from 'node:child_process';
import net from 'node:net';
import path from 'node:path';

const freePort = () =>
  new Promise<number>((resolve) => {
    const probe = net.createServer();
    probe.listen(0, () => {
      const { port } = probe.address() as net.AddressInfo;
      probe.close(() => resolve(port));
    });
  });

/** Starts the built application on a free port. */
export async function serve(env: Record<string, string>): Promise<{ server: ChildProcess; address: string }> {
  const port = await freePort();
  const server = spawn(process.execPath, [path.join('scripts', 'serve.mjs')], {
    env: {
      ...process.env,
      NEXT_TELEMETRY_DISABLED: '1',
      NODE_ENV: 'production',
      PORT: String(port),
      HOST: 'localhost',
      ...env,
    },
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
