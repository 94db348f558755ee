import { clockTime, clockTo } from './clock';
import { calendarDay } from './dates';
import { isRefusal } from '@/core/refusal';
import type { DoseMeasure, PartVerdict, RecipePart, Rung } from '@/core/mixing';
import { newId, type Coating, type NewEntry } from '@/records';
import {
  type BatchState,
  everyEntry,
  type JobView,
  type Opening,
  ratioUnread,
  batchComesTo,
  enough,
  potLeft,
  potNow,
  type Source,
} from '@/facts/job';
import { drawFrom } from '@/facts/shop/shelf';
import { figure, reason } from './figures';
import { money } from './money';
import type { Units } from './units';
import { focus, go, gradeCan, log, ratioRead, takeCans, type Fact, type NextLine, type Tap } from './line';
import { ratioWords, shortNumber } from './ratio';

/** Grams as fine as the shop's scale. */
export const scaleDigits = (scaleStep: number): number =>
  Math.max(0, Math.ceil(-Math.log10(scaleStep * 1000) - 1e-9));

export function mixLine(view: JobView, units: Units): NextLine {
  const { mix, shop, spray, plan } = view;
  const { sheet, volume, ladder, pouring, batch, sources } = mix;
  const grams = (kilograms: number) => units.show('mass', kilograms, massDigits(view, units));
  const whole = batchComesTo(mix);
  const ratio = sheet.components.map(({ parts }) => shortNumber(parts)).join(' : ');
  const because: Fact[] = [
    { label: `Ratio by ${sheet.ratioBy}`, value: sheet.components.length > 1 ? ratio : 'one part' },
    ...(batch || mix.finished || isRefusal(whole)
      ? []
      : [
          {
            label: 'This batch',
            value: units.show('volume', whole),
            figure: figure(view, 'mix.volume', whole),
          },
        ]),
    ...(isRefusal(plan.needed)
      ? []
      : [reason('The plan asks for', figure(view, 'mix.needed', plan.needed.total), units)]),
    { label: 'Scale reads to', value: grams(shop.scaleStep) },
    ...sources.flatMap(({ cans }) =>
      cans.map(({ can, useBefore, expired }) => ({
        label: `Lot ${can.lot}`,
        value: `${expired ? '▲ past ' : 'use before '}${useBefore === undefined ? 'no date' : calendarDay(useBefore)}`,
      })),
    ),
  ];
  if (mix.finished)
    return {
      big: { number: '–', unit: '' },
      says: 'All coats of this layer are on: nothing is left to mix.',
      detail: 'Plan another coat, if it wants one.',
      tone: 'good',
      because,
      tap: go('clean', 'Go to Clean'),
    };
  const refused = [volume, ladder].find(isRefusal);
  if (refused && !batch)
    return {
      big: { number: '–', unit: '' },
      says: units.says(refused),
      tone: 'stop',
      because,
      tap: focus('batch', 'Put it right', 'size'),
    };
  if (batch) return mixedLine(view, batch, because, units);
  if (ratioUnread(sheet))
    return {
      big: { number: ratio, unit: `by ${sheet.ratioBy}` },
      says: `Does the paper read ${ratioWords(sheet)}? Nobody has said so.`,
      detail:
        'What stands there is what such products usually have. Another ratio: change the sheet, then take the revised one for this layer.',
      tone: 'care',
      because,
      tap: ratioRead(view.work.layer.id),
    };

  if (pouring && !isRefusal(pouring.outcome)) {
    const { rest, over, volume: grown } = pouring.outcome;
    const [rung] = rest;
    const facts = over
      ? [
          ...because,
          { label: `More ${over.name} than planned`, value: 'the others follow' },
          { label: 'Batch grows to', value: units.show('volume', grown) },
          ...(sheet.pricePerVolume === undefined
            ? []
            : [{ label: 'Which costs', value: money((grown - pouring.volume) * sheet.pricePerVolume) }]),
        ]
      : because;
    if (!rung)
      return {
        big: units.parts(
          'mass',
          pouring.poured.reduce((sum, each) => sum + each, pouring.thinner),
          massDigits(view, units),
        ),
        says: 'All parts are in. Stir past the last streak, sides and bottom.',
        detail: sheet.times.potLife
          ? 'The pot-life clock starts when you tap Mixed.'
          : 'Strain it when you fill the gun.',
        tone: 'act',
        because: facts,
        tap: log('Mixed', 'mixed', mixedEntry(view, pouring.batchId)),
      };
    const line = pour(rung, facts, pouring.batchId, pouring.volume);
    const { pot } = view.work.approach;
    return over && pot !== undefined && grown > pot
      ? {
          ...line,
          tone: 'care',
          detail: `The pot holds ${units.show('volume', pot)}: go on in a larger one. ${line.detail}`,
        }
      : line;
  }
  if (mix.opening && !pouring) return openingLine(view, mix.opening, because, units);
  const [first] = isRefusal(ladder) || isRefusal(volume) ? [] : ladder;
  if (!first || isRefusal(volume))
    return { big: { number: '–', unit: '' }, says: 'The sheet names no parts.', tone: 'stop', because };
  const line = pour(first, because, newBatchId(view), volume);
  return spray.recoat?.state === 'closed'
    ? {
        ...line,
        detail: `${line.detail} The recoat window is closed: abrade before the next coat.`,
        tone: line.tone === 'stop' ? 'stop' : 'care',
      }
    : line;

  function pour(
    { part, mass, scale, share, measure }: Rung,
    facts: readonly Fact[],
    batchId: string,
    planned: number,
  ): NextLine {
    const source = sources.find((each) => each.part.id === part.id);
    const entry = pourEntry(view, { batchId, volume: planned, partId: part.id, mass });
    const alone = !isRefusal(mix.recipe) && mix.recipe.length === 1;
    // One part is mixed when it is stirred: nothing else goes in.
    const poured = alone
      ? log(`Poured ${grams(mass)}, stirred`, `poured ${part.name}`, entry, {
          type: 'mixed',
          batchId,
          layerId: view.work.layer.id,
          poured: [{ partId: part.id, mass: mass + (pouring?.poured[0] ?? 0) }],
        })
      : log(`Poured ${grams(mass)}`, `poured ${part.name}`, entry);
    const first = !pouring || pouring.poured.every((each) => each === 0);
    const can = source && canLine(view, source, poured, facts);
    if (can) return can;
    const dose = measure && doseLine(view, part, measure, entry, units);
    return {
      big: units.parts('mass', scale, massDigits(view, units)),
      says: `Pour ${part.name} until the scale reads ${grams(scale)}.`,
      detail: `${grams(mass)} of it, ${pourVolume(mass / part.density, units)}. ${first ? 'Tare the empty pot first.' : 'The scale goes on: do not tare it.'}${alone ? ' Then stir to the bottom, and strain it when you fill the gun.' : ''}`,
      tone: source && source.otherLots.length > 0 ? 'care' : 'act',
      because: [
        ...facts,
        ...(share === undefined
          ? []
          : [{ label: `${part.name}, true share`, value: units.show('share', share, { digits: 2 }) }]),
        ...(entry.type === 'poured' && entry.thinner
          ? [{ label: 'Thinner in the can already', value: grams(entry.thinner) }]
          : []),
      ],
      tap: poured,
      otherwise: focus('poured', 'Poured something else'),
      ...dose,
    };
  }
}

/** A can that is not fit for this, or of which that is not known: that comes before any pouring. */
function canLine(
  { work, now }: JobView,
  { expired, brush, ungraded, instead, cans }: Source,
  poured: Tap,
  because: readonly Fact[],
): NextLine | undefined {
  const [unasked] = ungraded;
  const [unfit] = [...expired, ...brush];
  if (!unfit && unasked)
    return {
      big: { number: '?', unit: 'grade' },
      says: `Is lot ${unasked.can.lot} of spray or of brush grade? The tin says.`,
      tone: 'care',
      because,
      tap: gradeCan(unasked.can.id, 'spray', 'Spray grade'),
      otherwise: gradeCan(unasked.can.id, 'brush', 'Brush grade'),
    };
  if (!unfit) return undefined;
  const { can, useBefore } = unfit;
  const why = unfit.expired
    ? `Lot ${can.lot} is past its date, ${calendarDay(useBefore ?? '')}.`
    : `Lot ${can.lot} is of brush grade.`;
  const late = Math.max(1, Math.floor((now - Date.parse(useBefore ?? '')) / 86_400_000));
  const others = (work.layer.cans ?? []).filter((id) => !cans.some((each) => each.can.id === id));
  return {
    big: unfit.expired
      ? { number: String(late), unit: late === 1 ? 'day past' : 'days past' }
      : { number: '–', unit: '' },
    says: instead
      ? `${why} Take lot ${instead.can.lot}.`
      : `${why} Open a fresh can, and put it on the shelf.`,
    detail: 'It is stopped before the gun until a trial piece was right.',
    tone: 'stop',
    because,
    tap: instead
      ? takeCans(work.layer.id, [...others, instead.can.id], `Take lot ${instead.can.lot}`)
      : focus('cans', 'See the cans', 'size'),
    otherwise: { ...poured, says: `${poured.says} all the same` },
  };
}

/** One part in large amounts: cans to open, and what stays in them. */
function openingLine(
  view: JobView,
  { volume, cans, short }: Opening,
  because: readonly Fact[],
  units: Units,
): NextLine {
  const { mix, work } = view;
  const [part] = mix.sheet.components;
  const batchId = newBatchId(view);
  const poured = openedEntry(view, batchId);
  const partly = cans.filter(({ stays }) => stays > 1e-6);
  const took = log(`Took ${units.show('volume', volume)}, stirred`, 'stirred', poured, {
    type: 'mixed',
    batchId,
    layerId: work.layer.id,
    poured: [{ partId: poured.partId, mass: poured.mass }],
  });
  const [source] = mix.sources;
  const facts =
    poured.thinner === undefined
      ? because
      : [
          ...because,
          {
            label: 'Thinner in the can already',
            value: units.show('mass', poured.thinner, massDigits(view, units)),
          },
        ];
  const can = source && canLine(view, source, took, facts);
  if (can) return can;
  const lots = cans.map(({ from }) => from.can.lot).join(', ');
  return {
    big: units.parts('volume', volume),
    says:
      cans.length === 0
        ? `Take ${units.show('volume', volume)} of ${part?.name ?? mix.sheet.name}. Stir it to the bottom.`
        : `Open ${cans.length === 1 ? 'lot' : 'lots'} ${lots}: ${units.show('volume', volume)} to the pot. Stir to the bottom.`,
    detail: [
      ...partly.map(({ from, stays }) => `${units.show('volume', stays)} stays in lot ${from.can.lot}.`),
      ...(short > 1e-6 && cans.length > 0 ? [`${units.show('volume', short)} is on no shelf.`] : []),
    ].join(' '),
    tone: short > 1e-6 && cans.length > 0 ? 'care' : 'act',
    because: facts,
    tap: took,
    otherwise: focus('opened', 'Took another amount'),
  };
}

/** The pour of a batch that is taken from opened cans; of another amount than planned where somebody says so. */
export function openedEntry({ mix, work }: JobView, batchId: string, took?: number) {
  const [part] = mix.sheet.components;
  const { opening } = mix;
  const volume = took ?? opening?.volume ?? 0;
  const density = part?.density ?? 1000;
  const scale = opening && opening.volume > 0 ? volume / opening.volume : 0;
  const taken = (opening?.cans ?? []).map(({ from, takes }) => {
    const mass = Math.min(takes * scale, from.left) * (from.left > 0 ? from.mass / from.left : density);
    return { canId: from.can.id, mass, thinner: mass * from.thinned };
  });
  const rest = volume * density - taken.reduce((sum, { mass }) => sum + mass, 0);
  const thinner = taken.reduce((sum, each) => sum + each.thinner, 0);
  return {
    type: 'poured' as const,
    batchId,
    layerId: work.layer.id,
    volume,
    partId: part?.id ?? 'base',
    mass: taken.reduce((sum, { mass }) => sum + mass, Math.max(rest, 0)),
    ...(taken.length > 0 ? { from: taken.map(({ canId, mass }) => ({ canId, mass })) } : {}),
    ...(thinner > 1e-9 ? { thinner } : {}),
  };
}

/** A dose that the scale does not weigh well: what measures it instead. */
function doseLine(
  { shop, mix }: JobView,
  part: RecipePart,
  by: DoseMeasure,
  entry: NewEntry,
  units: Units,
): Pick<NextLine, 'says' | 'big' | 'detail' | 'tap'> | undefined {
  const said = mix.sheet.additives?.find(({ id }) => id === part.id)?.said;
  const words = said ? `The paper: ${said}. ` : '';
  if (by.kind === 'scale') return undefined;
  const shown = units.show('dose', by.mass / part.density, { digits: 1 });
  const how =
    by.kind === 'syringe'
      ? `${shown} in a syringe of ${units.show('dose', by.holds, { digits: 1 })}`
      : `${by.count} drops`;
  return {
    big:
      by.kind === 'drops'
        ? { number: String(by.count), unit: 'drops' }
        : units.parts('dose', by.to, { digits: 1 }),
    says: `Put in ${part.name}: ${how}.`,
    detail: `${words}The scale reads to ${units.show('mass', shop.scaleStep)}, too coarse for it${by.kind === 'drops' ? '; a drop is taken for 0.05 mL, a default: count twenty on the scale to know yours' : ''}.`,
    tap: log(`Put in ${by.kind === 'drops' ? `${by.count} drops` : shown}`, `put in ${part.name}`, entry),
  };
}

/** What is said of a batch in the pot: dead, off its ratio, resting, or ready. */
function mixedLine(view: JobView, batch: BatchState, because: readonly Fact[], units: Units): NextLine {
  const { sheet } = view.mix;
  const { applied, ratio } = batch;
  const grams = (kilograms: number) => units.show('mass', kilograms, massDigits(view, units));
  const discard = (says: string, why: string) =>
    log(says, 'mix discarded', { type: 'discard', batchId: batch.id, why });
  if (batch.useBefore !== undefined && view.now > batch.useBefore)
    return {
      big: { number: clockTo(batch.useBefore, view.now), unit: 'over' },
      says: 'Discard this mix. Its pot life is over.',
      detail: 'Thinning would hide it, not mend it. Do not spray it; dispose of it as the sheet says.',
      tone: 'stop',
      because,
      tap: discard('Discarded', 'Past its pot life'),
    };
  const off = ratio?.parts.find(({ state }) => state !== 'inside');
  const [add] = ratio?.repair.rest ?? [];
  if (ratio && off && add && add.mass >= view.shop.scaleStep)
    return {
      big: units.parts('mass', add.mass, massDigits(view, units)),
      says: `Off ratio. Add ${grams(add.mass)} ${add.part.name} and stir.`,
      detail: `${offWords(off, units)} ${offMeaning(off, sheet)}`,
      tone: 'stop',
      because: [
        ...because,
        { label: 'The sheet allows', value: `± ${units.show('share', ratio.tolerance, { digits: 0 })}` },
        { label: 'Batch grows to', value: units.show('volume', ratio.repair.volume) },
      ],
      tap: log(
        `Added ${grams(add.mass)}`,
        `poured ${add.part.name}`,
        pourEntry(view, {
          batchId: batch.id,
          volume: ratio.repair.volume,
          partId: add.part.id,
          mass: add.mass,
        }),
      ),
      otherwise: discard('Discard this mix', 'Off ratio'),
    };
  const facts: Fact[] = [
    ...because,
    { label: 'Density as applied', value: units.show('density', applied.density) },
    { label: 'VOC less water and exempt', value: units.show('voc', applied.vocLess) },
    ...(batch.useBefore === undefined
      ? []
      : [
          {
            label: batch.lifeEstimated ? 'Use before, estimate for this room' : 'Use before',
            value: clockTime(batch.useBefore, view.now),
          },
        ]),
    ...(batch.leftovers.length > 0
      ? [{ label: 'Leftover in it from', value: batch.leftovers.join(', ') }]
      : []),
  ];
  // The page’s clock may be a second behind an entry: without a rest on the sheet there is none to wait for.
  if (batch.readyAt > batch.mixedAt && view.now < batch.readyAt)
    return {
      big: { number: clockTo(batch.readyAt, view.now), unit: 'to rest' },
      says: `Let it rest until ${clockTime(batch.readyAt, view.now)}, then stir again.`,
      detail: 'The sheet asks for a rest before use. Its pot life runs already.',
      tone: 'act',
      because: facts,
      tap: go('thin', 'Go to Thin'),
      otherwise: discard('Discard this mix', 'Discarded by hand'),
    };
  const { next } = view.spray;
  const used = log('It is used up', 'mix used up', {
    type: 'discard',
    batchId: batch.id,
    why: 'Used up',
    empty: true,
  });
  const pot = next && next.coat.layerId === batch.layerId ? potLeft(view, next.coat.id) : undefined;
  if (pot && pot.left < pot.wants * enough)
    return {
      big: units.parts('volume', pot.left),
      says: `About ${units.show('volume', pot.left)} left in the pot. ${next?.coat.name} takes ${units.show('volume', pot.wants)}.`,
      detail:
        'By what the coats before it should have taken: an estimate. Mix the next before it, not half-way through.',
      tone: 'care',
      because: facts,
      tap: used,
      otherwise: discard('Discard this mix', 'Discarded by hand'),
    };
  const now = potNow(view);
  if (now && now.gone > 0) {
    const left = `About ${units.show('volume', now.left)} left`;
    return {
      big: units.parts('volume', now.left),
      says: now.spraying
        ? `${left} in the pot as this coat began.`
        : pot
          ? `${left} in the pot. ${next?.coat.name} takes ${units.show('volume', pot.wants)}.`
          : now.empty
            ? 'The pot should be used up.'
            : `${left} over. No coat to come takes it.`,
      detail: `Of ${units.show('volume', applied.volume)} mixed, by what the coats since should have taken: an estimate.`,
      tone: pot || now.spraying ? 'good' : 'plain',
      because: facts,
      tap:
        !pot && !now.spraying
          ? now.empty
            ? used
            : go('clean', 'Go to Clean')
          : view.done.has('thin')
            ? go('spray', 'Go to Spray')
            : go('thin', 'Go to Thin'),
      otherwise: discard('Discard this mix', 'Discarded by hand'),
    };
  }
  return {
    big: units.parts('volume', applied.volume),
    says: `${units.show('volume', applied.volume)} in the pot, ${grams(applied.mass)}.`,
    detail: `Solids ${units.show('share', applied.volumeSolids)} by volume, VOC ${units.show('voc', applied.voc)} as applied.`,
    tone: 'good',
    because: facts,
    // What no cup judges, or goes on as supplied, is not thinned: its next thing is the gun.
    tap: view.done.has('thin') ? go('set', 'Go to Set') : go('thin', 'Go to Thin'),
    otherwise: discard('Discard this mix', 'Discarded by hand'),
  };
}

/** The entry of a pour, with the cans it comes out of and the thinner that was in them. */
export function pourEntry(
  { mix, work }: JobView,
  pour: { batchId: string; volume: number; partId: string; mass: number },
): NewEntry {
  const cans = mix.sources.find(({ part }) => part.id === pour.partId)?.cans ?? [];
  const { from, thinner } = drawFrom(cans, pour.mass);
  return {
    type: 'poured',
    layerId: work.layer.id,
    ...pour,
    ...(from.length > 0 ? { from } : {}),
    ...(thinner > 0 ? { thinner } : {}),
  };
}

/** The entry that starts the clock: everything poured so far, part by part. */
export function mixedEntry({ mix, work }: JobView, batchId: string): NewEntry {
  const recipe = isRefusal(mix.recipe) ? [] : mix.recipe;
  return {
    type: 'mixed',
    batchId,
    layerId: work.layer.id,
    poured: recipe.map(({ id }, i) => ({ partId: id, mass: mix.pouring?.poured[i] ?? 0 })),
  };
}

/** `Hardener 9.5 % short.` */
export function offWords({ part, off, state }: PartVerdict, units: Units): string {
  const much = units.show('share', Math.abs(off));
  return state === 'inside'
    ? `${part.name} within the tolerance.`
    : `${part.name} ${much} ${state === 'short' ? 'short' : 'over'}.`;
}

/** What a mix off its ratio does, by chemistry. */
export function offMeaning({ part, state }: PartVerdict, { chemistry, additives = [] }: Coating): string {
  if (additives.some(({ id }) => id === part.id))
    return state === 'over'
      ? 'More of a dose than the sheet allows changes cure and film.'
      : 'Less of a dose works less: it can be added.';
  if (chemistry === 'polyester')
    return state === 'short'
      ? 'With too little catalyst it may never cure through and stays sticky.'
      : 'With too much catalyst it gels early, runs hot and may crack.';
  return state === 'short'
    ? 'Under-hardened it stays soft and weak against water and solvent, and no waiting mends it.'
    : 'Over-hardened it turns brittle, may yellow, and lives shorter in the pot.';
}

/** Small volumes in the unit of a syringe, large ones in that of a pot. */
const pourVolume = (volume: number, units: Units) => units.show(volume < 0.5e-3 ? 'dose' : 'volume', volume);

/** Digits for masses on this shop's scale, in grams; ounces keep their own. */
export const massDigits = ({ shop }: Pick<JobView, 'shop'>, units: Units) =>
  units.system === 'metric' ? { digits: scaleDigits(shop.scaleStep) } : {};

/** One id for the batch about to be poured, steady while the log does not change. */
const batchIds = new Map<string, string>();

export function newBatchId({ work }: JobView): string {
  const state = `${work.id}/${work.layer.id}/${everyEntry(work).length}`;
  const held = batchIds.get(state);
  if (held) return held;
  const made = newId();
  batchIds.set(state, made);
  return made;
}
