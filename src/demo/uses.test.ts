import { isRefusal } from '@/core/refusal';
import { type Can, type Coating, type Cup, type Job, type Rig } from '@/records';
import { readRecord } from '@/records/readrecord';
import { demoShop } from '.';

const now = Date.parse('2026-11-23T09:00:00.000Z');
const shop = demoShop(now);
const of = <T>(kind: string) => shop.filter((record) => record.kind === kind) as T[];
const sheets = of<Coating>('coating');
const ratio = ({ components }: Coating) => components.map(({ parts }) => parts).join(':');

describe('what the demo shop shows', () => {
  it('every kind of mix: 2:1 and 4:1 with thinners, 100:2 by mass at temperature, one part with an extender, an accelerator', () => {
    const by = (parts: string) => sheets.find((sheet) => ratio(sheet) === parts);
    expect(by('2:1')?.thinning.thinners.length).toBeGreaterThan(1);
    expect(by('4:1')?.ratioBy).toBe('volume');
    const catalysed = by('100:2');
    expect(catalysed?.ratioBy).toBe('mass');
    expect(catalysed?.components[1]?.partsAt?.length).toBeGreaterThan(1);
    expect(catalysed?.additives?.some(({ doseOf, dose }) => doseOf === 'base' && dose > 0)).toBe(true);
    const single = sheets.find(
      ({ components, additives }) => components.length === 1 && additives?.some(({ thins }) => thins),
    );
    expect(single).toBeDefined();
  });

  it('cans of every part of a job’s sheets but the last, some opened, one past its date', () => {
    const cans = of<Can>('can');
    for (const sheet of sheets)
      for (const part of sheet.components)
        expect(
          cans.some(({ coatingId, componentId }) => coatingId === sheet.id && componentId === part.id),
        ).toBe(true);
    expect(cans.some(({ opened }) => opened === undefined)).toBe(true);
    expect(cans.filter(({ useBefore }) => (useBefore ?? '9') < '2026-11-23')).toHaveLength(1);
  });

  it('cans keep in step with the day the shop is loaded', () => {
    const later = demoShop(now + 400 * 86_400_000).filter((record): record is Can => record.kind === 'can');
    expect(later.filter(({ useBefore }) => (useBefore ?? '9') < '2027-12-28')).toHaveLength(1);
  });

  it('a worn cup, a shop cup, an air line, a pump, a worn tip', () => {
    const cups = of<Cup>('cup');
    expect(cups.some(({ checks }) => checks?.length)).toBe(true);
    expect(cups.some(({ own }) => (own?.liquids.length ?? 0) > 2)).toBe(true);
    const rigs = of<Rig>('rig');
    expect(rigs.some(({ airHose, compressor }) => airHose && compressor)).toBe(true);
    expect(rigs.some(({ pump, fluidHose, tipsWorn }) => pump && fluidHose && tipsWorn)).toBe(true);
  });

  it('jobs put away that others learn from, and every pour out of a can', () => {
    const jobs = of<Job>('job');
    const past = jobs.filter(({ closed }) => closed);
    expect(past).toHaveLength(2);
    for (const { log } of past)
      expect(log.filter(({ type }) => type === 'addition').length).toBeGreaterThan(1);
    const pours = jobs.flatMap(({ log }) => log.flatMap((entry) => (entry.type === 'poured' ? [entry] : [])));
    expect(pours.length).toBeGreaterThan(6);
    expect(pours.every(({ from }) => from?.length === 1)).toBe(true);
  });

  it('nothing that a schema refuses, on any day it is loaded', () => {
    for (const days of [0, 31, 200, 365])
      for (const record of demoShop(now + days * 86_400_000))
        expect(isRefusal(readRecord(record))).toBe(false);
  });
});
