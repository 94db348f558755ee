import { individuals } from '@/core/quality';
import { showDuration } from '@/core/quantity';
import { isRefusal } from '@/core/refusal';
import type { Report, ReportSection } from '@/exchange/report';
import type { Can, EntryOf, LogEntry, Photo } from '@/records';
import { entryWords, typeWords } from '@/words/entry';
import { existingWords, exposureWords, judgedWords, substrateWords } from '@/words/system';
import { lookedRound } from '@/words/lookedround';
import { lookedWords, workLine } from '@/words/work';
import { everyEntry, type JobView, liveEntries, moment, ofType, substrateOf } from '@/facts/job';
import type { FactId } from '@/facts/figure';
import { coatFigure, jobFigure, told } from '@/words/figures';
import type { Units } from '@/words/units';
import { conditionFacts, ruleWords, unprovenWords } from '@/words/check';
import { cardWords } from '@/words/set';
import { timeOfDay } from '@/words/clock';
import { calendarDay, fullDay } from '@/words/dates';

/** Days of the place it is written at, as its clock times are. */
const day = (at: string | number) => fullDay(new Date(at));
const when = (entry: LogEntry) => `${day(entry.at)} ${timeOfDay(moment(entry))}`;
const none = 'not recorded';

/** The record of a job: plan against done, readings, lots, conditions, people, deviations, and what nobody recorded. */
export function jobReport(
  view: JobView,
  cans: readonly Can[],
  photos: readonly Photo[],
  units: Units,
): Report {
  const { job, rig, shop, now } = view;
  const entries = liveEntries(job);
  const round = lookedRound(view);
  const own = photos.filter(({ jobId }) => jobId === job.id).sort((a, b) => a.at.localeCompare(b.at));
  return {
    title: job.name,
    under: `${shop.name || 'Shop'} · ${substrateWords[substrateOf(job.part)]} · begun ${day(job.begun)}${job.due ? ` · to be ready by ${day(job.due)} ${timeOfDay(Date.parse(job.due))}` : ''} · written ${day(now)}`,
    sections: [
      about(view, units),
      coats(view, units),
      ...between(view, entries, units),
      conditions(entries, units),
      mixes(view, cans, entries, units),
      gun(view, entries, units),
      film(view, units),
      deviations(view, entries, units),
      ...(own.length > 0
        ? [
            {
              title: 'Photos',
              photos: own.map(({ id, width, height, name, at, marks, entryId }) => ({
                id,
                width,
                height,
                says: [
                  `${name || 'Photo'}, ${day(at)}`,
                  ...entries
                    .filter((entry) => entry.id === entryId)
                    .map((entry) => entryWords(entry, job, units)),
                  ...marks.map(({ text }, i) => `${i + 1} ${text}`),
                ].join('; '),
                marks,
              })),
            },
          ]
        : []),
      ...(round.length > 0 ? [{ title: 'Looked round', lines: round }] : []),
      gaps(view, entries),
    ],
    foot: `Written by Fluorite from the job’s own log${rig ? `, ${rig.name}` : ''}. Sheets, local codes and licensed practice decide. Readings marked simulated come from a stand-in.`,
  };
}

/** What it is judged by beside the film, and what an eye found. */
function standardSays({ job, check: { standard } }: JobView): string {
  const name = job.part.judgedBy ? judgedWords[job.part.judgedBy].toLowerCase() : '';
  const entry = standard?.entry;
  return entry
    ? `${name}: ${lookedWords[entry.asks][entry.yes ? 'yes' : 'no']}, ${when(entry)}`
    : `${name}: not judged yet`;
}

function about(view: JobView, units: Units): ReportSection {
  const { job, plan, guns, spray } = view;
  const people = [...new Set(liveEntries(job).flatMap(({ by }) => (by ? [by] : [])))];
  const ended = spray.coats.map(({ ended: at }) => at ?? 0).reduce((a, b) => Math.max(a, b), 0);
  return {
    title: 'Job',
    facts: [
      [
        'Part',
        job.part.faces
          .map(
            ({ name, count, width, height, method }) =>
              `${count} × ${name}, ${units.show('length', width)} by ${units.show('length', height)}${method ? `, by ${method}` : ''}`,
          )
          .join('; '),
      ],
      [
        'Ground',
        `${substrateWords[substrateOf(job.part)]}, ${job.part.existing === undefined ? `what was on it: ${none}` : `on it: ${existingWords[job.part.existing].toLowerCase()}`}`,
      ],
      ...(job.part.exposure ? [['Stands', exposureWords[job.part.exposure]] as const] : []),
      ...(job.part.judgedBy ? [['Accept on', standardSays(view)] as const] : []),
      ['Area', [told(jobFigure(view, 'area', plan.area), units)]],
      ...job.layers.map(
        ({ sheet: { name, sheetRevision, checkedOn, assumed } }) =>
          [
            'Coating',
            `${name}, sheet ${sheetRevision || none}, checked ${calendarDay(checkedOn)}${assumed.length > 0 ? `, ${assumed.length} values are class defaults` : ''}`,
          ] as const,
      ),
      ['Gun set-up', [...new Set(guns.map((gun) => gun.rig?.name ?? none))].join(', ')],
      ['People', people.join(', ') || none],
      ['Last coat ended', ended > 0 ? `${day(ended)} ${timeOfDay(ended)}` : none],
    ],
  };
}

function coats(view: JobView, units: Units): ReportSection {
  const { spray } = view;
  const offWords = { early: 'before its window', late: 'after its window' };
  return {
    title: 'Plan against done',
    table: [
      ['Coat', 'Dry planned', 'Sprayed', 'Comb, wet', 'Window'],
      ...spray.coats.map(({ coat, dry, started, ended, combs, off }) => [
        coat.name,
        [told(coatFigure(view, 'coat.dry', coat, dry.aim), units)],
        started === undefined
          ? 'not sprayed'
          : `${day(started)} ${timeOfDay(started)}–${ended === undefined ? '' : timeOfDay(ended)}`,
        combs.map(({ wetted, dry: to }) => units.range('film', wetted, to)).join(', ') || none,
        off ? `${showDuration(off.by / 1000)} ${offWords[off.kind]}` : started === undefined ? '' : 'kept',
      ]),
    ],
  };
}

/** What was done to the film between the coats, looked at, and not recorded though it was planned. */
function between({ job, spray }: JobView, entries: readonly LogEntry[], units: Units): ReportSection[] {
  const done = entries.filter(
    ({ type }) => type === 'worked' || type === 'abraded' || type === 'judged' || type === 'left-out',
  );
  const passed = spray.work.filter(({ state }) => state === 'passed');
  if (done.length + passed.length === 0) return [];
  return [
    {
      title: 'Between the coats',
      lines: [
        ...done.map((entry) => `${when(entry)}: ${typeWords[entry.type]}, ${entryWords(entry, job, units)}`),
        ...passed.map((item) => `${workLine(item, units)}: planned, ${none}.`),
      ],
    },
  ];
}

function conditions(entries: readonly LogEntry[], units: Units): ReportSection {
  const rooms = ofType(entries, 'climate');
  return rooms.length === 0
    ? { title: 'Conditions', lines: [`Room and part: ${none}.`] }
    : {
        title: 'Conditions',
        table: [
          ['When', 'Air', 'Part', 'Humidity'],
          ...rooms.map((entry) => [
            when(entry),
            units.show('temperature', entry.air),
            units.show('temperature', entry.part),
            units.show('share', entry.humidity, { digits: 0 }),
          ]),
        ],
      };
}

function mixes(
  { job }: JobView,
  cans: readonly Can[],
  entries: readonly LogEntry[],
  units: Units,
): ReportSection {
  const said = (entry: LogEntry) =>
    `${when(entry)}: ${entryWords(entry, job, units)}${entry.simulated ? ' (simulated)' : ''}`;
  const lots = [
    ...new Set(ofType(entries, 'poured').flatMap(({ from }) => (from ?? []).map(({ canId }) => canId))),
  ].map((id) => cans.find((can) => can.id === id)?.lot ?? id);
  const of = (...types: LogEntry['type'][]) => entries.filter(({ type }) => types.includes(type)).map(said);
  return {
    title: 'Mix',
    facts: [['Lots', lots.join(', ') || none]],
    lines: of('mixed', 'addition', 'reading', 'discard', 'returned'),
  };
}

function gun({ job }: JobView, entries: readonly LogEntry[], units: Units): ReportSection {
  const lines = entries.flatMap((entry) =>
    entry.type === 'setting'
      ? [`${when(entry)}: ${entryWords(entry, job, units)}`]
      : entry.type === 'card'
        ? [
            `${when(entry)}: card ${cardWords[entry.verdict].name.toLowerCase()}${entry.simulated ? ' (simulated)' : ''}`,
          ]
        : [],
  );
  return { title: 'Gun', lines: lines.length > 0 ? lines : [`Setting and card: ${none}.`] };
}

function film(view: JobView, units: Units): ReportSection {
  const { check, job } = view;
  const { verdict, spots, spec, gauge } = check;
  if (isRefusal(verdict)) return { title: 'Film', lines: [`Readings: ${none}.`] };
  const digits = { digits: units.system === 'metric' ? 1 : 2 };
  const shown = (value: number) => units.show('film', value, digits);
  const of = (fact: FactId, value: number) => told(jobFigure(view, fact, value), units, digits);
  const measured = spots.filter(({ films }) => films.length > 0);
  const all = measured.flatMap(({ films }) => films);
  const chart = individuals(all);
  const rule = ruleWords[job.approach.acceptance];
  const states = { inside: 'inside', low: 'LOW', high: 'HIGH' };
  return {
    title: `Film: ${verdict.passes ? (check.unproven.length > 0 ? 'in range, NOT PASSED' : 'passes') : 'FAILS'} by rule: ${rule.name.toLowerCase()}`,
    facts: [
      ['Rule', rule.says],
      [
        'Range',
        [
          of('film.wanted-least', spec.min),
          ' to ',
          of('film.wanted-most', spec.max),
          ', aim ',
          of('film.wanted', spec.nominal),
        ],
      ],
      [
        'Mean of all',
        [
          of('film.measured', verdict.mean),
          `; thinnest ${shown(verdict.least)}, thickest ${shown(verdict.most)}`,
        ],
      ],
      ...(check.unproven.length > 0
        ? [['Missing', check.unproven.map((each) => unprovenWords[each].says).join('; ')] as const]
        : []),
      ['Gauge', gauge ? `checked ${day(gauge.entry.at)}` : `zero and shim: ${none}`],
      ...conditionFacts(verdict.conditions, units).map(
        ({ label, value, holds }) => [label, `${holds ? 'holds' : 'FAILS'}: ${value}`] as const,
      ),
    ],
    table: [
      ['Face', 'Spot', `Readings, ${units.parts('film', 0).unit}`, 'Mean', 'State'],
      ...measured.map(({ faceId, spot, films }) => {
        const own = verdict.spots.find(({ id }) => id === `${faceId}/${spot}`);
        return [
          job.part.faces.find(({ id }) => id === faceId)?.name ?? '',
          String(spot + 1),
          films.map((each) => units.parts('film', each, digits).number).join(', '),
          own ? [told(jobFigure(view, 'spot.mean', own.mean, { item: own.id }), units, digits)] : '',
          own ? states[own.state] : '',
        ];
      }),
    ],
    ...(chart
      ? {
          chart: {
            values: all,
            min: spec.min,
            max: spec.max,
            mean: chart.mean,
            low: chart.low,
            high: chart.high,
            says: {
              min: `at least ${shown(spec.min)}`,
              max: `at most ${shown(spec.max)}`,
              mean: `mean ${shown(chart.mean)}`,
              low: `control, low ${shown(chart.low)}`,
              high: `control, high ${shown(chart.high)}`,
            },
          },
        }
      : {}),
  };
}

function deviations(
  { job, check, spray }: JobView,
  entries: readonly LogEntry[],
  units: Units,
): ReportSection {
  const lines = [
    ...spray.coats.flatMap(({ off, coat }) =>
      off
        ? [
            `${coat.name} began ${showDuration(off.by / 1000)} ${off.kind === 'late' ? 'after' : 'before'} its window.`,
          ]
        : [],
    ),
    ...entries.flatMap((entry) => {
      const said = () => `${when(entry)}: ${entryWords(entry, job, units)}`;
      switch (entry.type) {
        case 'defect':
          return [`${said()} (defect)`];
        case 'rework':
          return [`${said()} (on this piece)`];
        case 'look':
          return [`Looked again, ${said()}`];
        case 'action':
          return entry.cause ? [`${said()} (change)`, ...outcomes(entries, entry)] : [];
        case 'skip':
          return [`Gone on without, ${said()}`];
        case 'addition':
          return entry.offSheet ? [`Off the sheet, ${said()}`] : [];
        default:
          return [];
      }
    }),
    ...(isRefusal(check.verdict) || check.verdict.passes ? [] : ['The film does not pass its rule.']),
    ...everyEntry(job).flatMap((entry) =>
      entry.struck
        ? [`Struck: ${entryWords(entry, job, units)}, because ${entry.struck.why}.`]
        : entry.was
          ? [`Corrected afterwards: ${entryWords(entry, job, units)}.`]
          : [],
    ),
  ];
  return { title: 'Deviations, defects and changes', lines: lines.length > 0 ? lines : ['None recorded.'] };
}

const outcomes = (entries: readonly LogEntry[], { id }: EntryOf<'action'>): string[] =>
  ofType(entries, 'outcome')
    .filter(({ actionId }) => actionId === id)
    .map(
      ({ helped }) =>
        `  It ${helped === 'yes' ? 'helped' : helped === 'partly' ? 'helped in part' : 'did not help'}.`,
    );

/** What a reader would look for and not find. A report is worth what it admits. */
function gaps({ job, check, spray, plan, shop }: JobView, entries: readonly LogEntry[]): ReportSection {
  const has = (type: LogEntry['type']) => entries.some((entry) => entry.type === type);
  const simulated = entries.filter((each) => each.simulated).length;
  const lines = [
    !has('climate') && 'Nobody read the room or the part.',
    !has('reading') && plan.sheet.target !== undefined && 'No cup was timed.',
    !has('card') && 'No test card was sprayed.',
    !has('setting') && 'The gun’s setting was not recorded.',
    !has('comb') && 'No wet comb was read.',
    !check.gauge && check.taken > 0 && 'The gauge was not zeroed and shimmed.',
    check.taken < check.wanted &&
      check.coatsOn > 0 &&
      `${check.wanted - check.taken} of ${check.wanted} spots were not measured.`,
    spray.next !== undefined &&
      `${spray.coats.filter(({ state }) => state === 'todo').length} planned coats are not on.`,
    !entries.some(({ by }) => by) && !shop.operator && 'No name stands with the entries.',
    job.layers.some(({ sheet: { assumed } }) => assumed.length > 0) &&
      'Some sheet values are class defaults, not the sheet’s own.',
    simulated > 0 && `${simulated} entries were written by simulated devices.`,
  ].filter((line): line is string => typeof line === 'string');
  return {
    title: 'Not recorded',
    lines: lines.length > 0 ? lines : ['Nothing that this report looks for is missing.'],
  };
}
