export default function stop() {
  for (const server of globalThis.fluoriteServers ?? []) server.kill();
}
