import type { ChildProcess } from 'node:child_process';
import { serve } from './serve';

declare global {
  var fluoriteServers: ChildProcess[] | undefined;
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
