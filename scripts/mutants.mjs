/**
 * `npm run mutants`: changes the code a little in a copy of it, one place at a time, and says which changes no test
 * notices. `-- --each 12` tries more of each file, `-- --turn 0.5` others, `-- src/core/cups` one folder or file.
 *
 * A change is killed when a test of its own folder fails, or else one that `killers` names for the group.
 */
import { spawn } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { mutationsOf, spread } from './mutations.mjs';
import { ensurePackages, root } from './steps.mjs';

ensurePackages();

/** What is tried when nothing is said: limits, money, safety and what the law asks for, with tests beside the folder’s. */
const groups = [
  {
    name: 'safety',
    paths: ['src/core/safety', 'src/core/permission'],
    killers: ['src/facts/job/permission'],
  },
  { name: 'legal', paths: ['src/core/operating/verdict.ts', 'src/core/mixing/asapplied.ts'], killers: [] },
  { name: 'money', paths: ['src/core/money', 'src/core/care/runningon.ts'], killers: [] },
  {
    name: 'limits',
    paths: [
      'src/core/quality',
      'src/core/schedule/windows.ts',
      'src/core/thinning/nextaddition.ts',
      'src/core/mixing',
      'src/core/climate',
      'src/core/cups',
    ],
    killers: [],
  },
];

const args = process.argv.slice(2);
const option = (name, otherwise) => {
  const at = args.indexOf(`--${name}`);
  return at < 0 ? otherwise : Number(args.splice(at, 2)[1]);
};
const each = option('each', 5);
const turn = option('turn', 0);
const asked = args.length > 0 ? [{ name: 'asked', paths: args, killers: [] }] : groups;

const filesOf = (place) =>
  fs.statSync(place).isFile()
    ? [place]
    : fs
        .readdirSync(place, { recursive: true })
        .map((name) => path.join(place, name))
        .filter((name) => /(?<!\.test|\.fixture|\.d)\.ts$/.test(name) && !name.endsWith('index.ts'));

/** A copy to change: the one that is being worked on stays as it is. */
function copy() {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'fluorite-mutants-'));
  for (const name of ['src', 'tests', 'bench', 'docs'])
    fs.cpSync(path.join(root, name), path.join(folder, name), { recursive: true });
  for (const name of ['package.json', 'jest.config.mjs', 'tsconfig.json'])
    if (fs.existsSync(path.join(root, name))) fs.copyFileSync(path.join(root, name), path.join(folder, name));
  fs.symlinkSync(path.join(root, 'node_modules'), path.join(folder, 'node_modules'));
  return folder;
}

/** Do the tests of some places fail in a copy? A test that never ends fails too. */
const fails = (folder, places) =>
  new Promise((resolve) => {
    const jest = spawn(
      process.execPath,
      [
        path.join('node_modules', 'jest', 'bin', 'jest.js'),
        '--selectProjects',
        'unit',
        '--silent',
        '--bail',
        '--runInBand',
        '--testPathPatterns',
        places.join('|'),
      ],
      { cwd: folder, stdio: 'ignore' },
    );
    const late = setTimeout(() => jest.kill('SIGKILL'), 180_000);
    jest.on('exit', (code) => {
      clearTimeout(late);
      resolve(code !== 0);
    });
  });

const tries = asked.flatMap(({ name, paths, killers }) =>
  paths.flatMap(filesOf).flatMap((file) => {
    const text = fs.readFileSync(file, 'utf8');
    const places = [`^.*${path.dirname(file)}/[^/]*$`, ...killers];
    return spread(mutationsOf(file, text), each, turn).map((mutation) => ({
      group: name,
      file,
      text,
      places,
      mutation,
    }));
  }),
);
console.log(`${tries.length} changes, ${each} a file at most`);

const folders = [copy(), copy()];
const counts = new Map(asked.map(({ name }) => [name, { tried: 0, killed: 0 }]));
try {
  const ground = [...new Set(tries.map(({ places }) => places.join('|')))];
  for (const places of ground)
    if (await fails(folders[0], [places]))
      throw new Error(`The tests of ${places} fail before anything is changed.`);
  let next = 0;
  await Promise.all(
    folders.map(async (folder) => {
      for (let own = tries[next++]; own; own = tries[next++]) {
        const { group, file, text, places, mutation } = own;
        const { from, to, put, line, was, kind } = mutation;
        const place = path.join(folder, file);
        fs.writeFileSync(place, text.slice(0, from) + put + text.slice(to));
        const killed = await fails(folder, places);
        fs.writeFileSync(place, text);
        const count = counts.get(group);
        count.tried += 1;
        if (killed) count.killed += 1;
        else
          console.log(
            `  lives: ${file}:${line}  ${kind}  ${was.replaceAll(/\s+/g, ' ').slice(0, 60)} → ${put.slice(0, 40)}`,
          );
      }
    }),
  );
} finally {
  for (const folder of folders) fs.rmSync(folder, { recursive: true, force: true });
}
for (const [name, { tried, killed }] of counts)
  console.log(
    `${name.padEnd(8)} ${killed} of ${tried} killed, ${((100 * killed) / Math.max(tried, 1)).toFixed(0)} %`,
  );
