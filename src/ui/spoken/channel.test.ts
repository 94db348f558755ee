import type { SpokenKind } from '@/records';
import { Channel } from './channel';

/** Things that sound until they are told to end, and what was heard of them. */
function heard() {
  const log: string[] = [];
  let ends: (() => void) | undefined;
  let sounding = 0;
  const thing = (kind: SpokenKind, name: string) => ({
    kind,
    play: () => {
      sounding += 1;
      log.push(name);
      expect(sounding).toBe(1);
      return new Promise<void>((done) => {
        ends = () => {
          ends = undefined;
          sounding -= 1;
          done();
        };
      });
    },
    stop: () => {
      log.push(`${name} cut`);
      ends?.();
    },
  });
  const end = async () => {
    ends?.();
    await Promise.resolve();
    await new Promise((done) => setTimeout(done));
  };
  return { log, thing, end };
}

test('one after the other, what weighs more first', async () => {
  const { log, thing, end } = heard();
  const mouth = new Channel();
  mouth.add(thing('next', 'line'));
  mouth.add(thing('next', 'newer line'));
  mouth.add(thing('answer', 'done'));
  await end();
  await end();
  await end();
  expect(log).toEqual(['line', 'done', 'newer line']);
  expect(mouth.busy).toBe(false);
});

test('an alarm cuts in, and waits for another alarm', async () => {
  const { log, thing, end } = heard();
  const mouth = new Channel();
  mouth.add(thing('next', 'line'));
  mouth.add(thing('alarm', 'pot life'));
  mouth.add(thing('alarm', 'stir'));
  await end();
  await end();
  await end();
  expect(log).toEqual(['line', 'line cut', 'pot life', 'stir']);
});

test('of what waits only the latest of its kind is said, and a late pace never', async () => {
  const { log, thing, end } = heard();
  const mouth = new Channel();
  mouth.add(thing('answer', 'first'));
  mouth.add(thing('next', 'old line'));
  mouth.add(thing('next', 'new line'));
  mouth.add(thing('pace', 'four'));
  await end();
  await end();
  expect(log).toEqual(['first', 'new line']);
});

test('what fails to sound does not silence the rest', async () => {
  const { log, thing, end } = heard();
  const mouth = new Channel();
  mouth.add({ kind: 'answer', play: () => Promise.reject(new Error('no voice')), stop: () => undefined });
  mouth.add(thing('next', 'line'));
  await end();
  expect(log).toEqual(['line']);
});
