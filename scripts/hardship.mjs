/** `npm run kill` and `npm run fuzz`: the hard tests in their large form. Installs what is missing first. */
import path from 'node:path';
import { ensurePackages, run } from './steps.mjs';

ensurePackages();
const bin = (name) => path.join('node_modules', '.bin', name);
const large = {
  kill: [bin('tsx'), ['bench/hardship/kill.ts']],
  fuzz: [bin('jest'), ['--selectProjects', 'unit', '--testPathPatterns', 'fuzz.test']],
};
const [command, args] = large[process.argv[2]];
run(command, args, { env: { FUZZ: '20000', ...process.env } });
