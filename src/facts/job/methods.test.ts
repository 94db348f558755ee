import { byOtherWay, wayFacts } from '@/core/elements';
import { isRefusal } from '@/core/refusal';
import { newShop, type Face, type Job } from '@/records';
import { aJob, fitRoom, lacquer, logged, readyToSpray, seen, start } from '../../../tests/fixtures/job';
import { costSeen } from '../shop/cost';
import { gunPieces, gunStep } from './atgun';
import { areaOfFace, byHandSeconds, edgesOf, handSeconds, keptOver } from './byhand';
import { evenSetup } from './even';
import { leversBefore, leversJudged } from './levers';
import { keptFree } from './keptfree';
import { methodOrder, methodsOf } from './methods';
import { dayQuestion } from './planned';

const wall: Face = { id: 'wall', name: 'Wall', width: 6, height: 2.5, count: 1, lies: 'upright' };
const rail: Face = { id: 'rail', name: 'Rail', width: 4, height: 0.08, count: 6, lies: 'upright' };
const withFaces = (faces: Face[], job: Job = aJob()): Job => ({ ...job, part: { ...job.part, faces } });
const both = withFaces([wall, rail]);
const rolled = withFaces([wall, { ...rail, method: 'brush' }]);
const total = (job: Job): number => {
  const { needed } = seen(job).plan;
  if (isRefusal(needed)) throw new Error(needed.says);
  return needed.total;
};

describe('a face that is coated by hand', () => {
  it('is not sprayed: no strokes, no piece at the gun, no masking, no map', () => {
    const view = seen(rolled);
    expect(view.spray.strokes.map(({ face }) => face.id)).toEqual(['wall']);
    expect(gunPieces(view, 'lacquer-1').map(({ face }) => face.id)).toEqual(['wall']);
    const free = { ...rail, keepOff: 'Posts' };
    expect(keptFree([free])).toHaveLength(1);
    expect(keptFree([{ ...free, method: 'brush' }])).toEqual([]);
    expect(evenSetup(view, 'rail')).toMatchObject({ refused: 'by-hand' });
    expect(isRefusal(evenSetup(view, 'none'))).toBe(false);
  });

  it('takes its mix without overspray, and less of it where the gun would miss most', () => {
    const transfer = seen(both).plan.transfer;
    expect(keptOver(both.part, transfer)).toBeCloseTo(transfer, 12);
    const area = areaOfFace(wall) + areaOfFace(rail);
    expect(keptOver(rolled.part, transfer)).toBeCloseTo(
      area / (areaOfFace(wall) / transfer + areaOfFace(rail) / wayFacts.brush.lands),
      12,
    );
    expect(total(rolled)).toBeLessThan(total(both));
    expect(seen(rolled).plan.area).toBeCloseTo(area, 12);
  });

  it('is mixed for: what is still to mix is what the plan asks for', () => {
    for (const job of [both, rolled]) expect(seen(job).supply.remaining).toBeCloseTo(total(job), 9);
    const { takes } = seen(rolled).supply;
    const sprayedAlone = seen(withFaces([wall])).supply.takes;
    const wet = seen(rolled).plan.coats[0]!.wet;
    expect(takes.get('lacquer-1')! - sprayedAlone.get('lacquer-1')!).toBeCloseTo(
      (areaOfFace(rail) * wet) / wayFacts.brush.lands,
      9,
    );
  });

  it('is in what the levers say a coat takes, and the gun pours only for its own faces', () => {
    const [view, alone] = [seen(rolled), seen(withFaces([wall]))];
    const [effect, sprayed] = [view, alone].map((each) =>
      leversJudged(each, leversBefore(each), { pressureAt: 'inlet' }),
    );
    expect(effect!.mix - sprayed!.mix).toBeCloseTo(
      (areaOfFace(rail) * view.set.wet) / wayFacts.brush.lands,
      9,
    );
    expect(effect!.seconds).toBeCloseTo(view.spray.coatTime, 3);
    expect(view.spray.gunTime).toBeCloseTo(alone.spray.coatTime, 6);
  });

  it('takes its time in the coat, in the day and in what hands cost', () => {
    const films = seen(rolled).plan.coats.map(({ wet }) => wet);
    const whole = handSeconds(rail, 'brush', films);
    const reckoned = byOtherWay('brush', areaOfFace(rail), edgesOf(rail), films[0]! + films[1]!);
    expect(reckoned).toMatchObject({ time: whole });
    expect(byHandSeconds(rolled.part, films)).toBeCloseTo(whole, 9);
    const own = whole / films.length;
    const onlyWall = seen(withFaces([wall])).spray.coatTime;
    expect(seen(rolled).spray.coatTime).toBeCloseTo(onlyWall + own, 6);
    const day = dayQuestion(seen(rolled), newShop).question.pieces;
    const brushed = day.filter(({ id }) => id.startsWith('rail/'));
    expect(brushed.reduce((sum, { coats }) => sum + coats[0]!.duration, 0)).toBeCloseTo(own, 3);
    const labour = costSeen([seen(rolled)]).planned.lines.find(({ id }) => id === 'labour')!;
    expect(labour.items.find(({ what }) => what === 'by-hand')?.quantity).toBeCloseTo(whole, 6);
  });

  it('is asked for when the gun is done, and the coat ends once it is said', () => {
    const job = withFaces([wall, { ...rail, count: 1, method: 'brush' }], readyToSpray());
    const running = logged(job, [-5, start('lacquer-1')]);
    const on = logged(running, [-4, { type: 'face-done', coatId: 'lacquer-1', faceId: 'wall' }]);
    expect(gunStep(seen(running), true)).toMatchObject({ kind: 'face', at: 1, of: 1 });
    expect(gunStep(seen(on), true)).toMatchObject({ kind: 'by-hand', left: [{ id: 'rail' }] });
    const brushed = logged(on, [-3, { type: 'face-done', coatId: 'lacquer-1', faceId: 'rail' }]);
    expect(gunStep(seen(brushed), true).kind).toBe('end');
  });
});

describe('ways to coat a face', () => {
  const view = seen(logged(both, [-30, fitRoom]), {
    shop: { rates: { labour: 40 / 3600 } },
  });
  const ways = methodsOf(view);

  it('reckons each: the gun loses most of what it sprays at a rail, a brush next to none and takes longest', () => {
    const of = (id: string, by: string) =>
      ways.find(({ face }) => face.id === id)!.ways.find((each) => each.by === by)!;
    const share = (id: string, by: string) => of(id, by).lost / of(id, by).paint;
    expect(share('rail', 'spray')).toBeGreaterThan(share('wall', 'spray'));
    expect(share('rail', 'brush')).toBeCloseTo(1 - wayFacts.brush.lands, 9);
    expect(of('wall', 'brush').seconds).toBeGreaterThan(of('wall', 'roller').seconds);
    // What is laid is the same film by every way.
    for (const { ways: each } of ways)
      for (const { paint, lost } of each)
        expect(paint - lost).toBeCloseTo(each[0]!.paint - each[0]!.lost, 12);
  });

  it('the least is by money where all is priced, else by hands; masking counts against the gun', () => {
    expect(ways.every(({ ways: each }) => each.every(({ cost }) => cost === undefined))).toBe(true);
    for (const { ways: each, least } of ways)
      expect(each.every(({ seconds }) => seconds >= each.find(({ by }) => by === least)!.seconds)).toBe(true);
    const dear = seen(aJobDear(), { shop: { rates: { labour: 0.0001 } } });
    const narrow = methodsOf(dear).find(({ face }) => face.id === 'rail')!;
    // With paint that dear and hands that cheap, nobody sprays a rail.
    expect(narrow.least).not.toBe('spray');
    const masked = methodsOf(seen(withFaces([wall, { ...rail, keepOff: 'Posts' }])))[1]!.ways[0]!;
    expect(masked.masking).toBeGreaterThan(0);
    expect(masked.seconds).toBeGreaterThan(methodsOf(seen(both))[1]!.ways[0]!.seconds);
  });

  it('one coat goes over all of them, each by its own way, what is sprayed in one go', () => {
    const view3 = seen(
      withFaces([wall, { ...rail, method: 'brush' }, { ...wall, id: 'gable', name: 'Gable' }]),
    );
    const order = methodOrder(view3, methodsOf(view3));
    expect(order.placed.map(({ id }) => id).sort()).toEqual(['gable', 'rail', 'wall']);
    expect(
      new Set(order.placed.filter(({ by }) => by === 'spray').map(({ change }) => change > 0)).size,
    ).toBe(2);
    expect(order.never).toEqual([]);
  });
});

function aJobDear(): Job {
  return withFaces([wall, rail], aJob([{ ...lacquer, pricePerVolume: 100_000 }]));
}
