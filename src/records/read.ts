import * as z from 'zod/mini';
import { refuse, type Outcome } from '@/core/refusal';
import { beyond, daysKnown } from './fields';

/**
 * The small build of the schema library says nothing by itself, and its own sentences would weigh on every first load:
 * a damaged record is a rare thing, so it is named in few words.
 */
z.config({
  localeError: (issue) => {
    if (issue.code === 'invalid_type') return `expected ${String(issue.expected)}`;
    if (issue.code === 'too_small') return `expected ${issue.origin} of at least ${String(issue.minimum)}`;
    if (issue.code === 'too_big') return `expected ${issue.origin} of at most ${String(issue.maximum)}`;
    return issue.code === 'invalid_value' ? 'not one of the values known here' : 'does not hold together';
  },
});

/** A raw record as found on disk or in a file. */
export type Raw = Record<string, unknown>;

/** Lifts a record from the version it is filed under to the next; undefined for one that did not hold together then. */
export type Migration = (old: Raw) => Raw | undefined;

export interface KindRule {
  readonly version: number;
  readonly schema: z.ZodMiniType;
  readonly migrations: Readonly<Record<number, Migration>>;
}

/**
 * Makes a reader for a set of record kinds.
 *
 * The reader brings a raw record up to its kind's present version, one migration at a time, and validates
 * it. It refuses what is no record, kinds it does not know, versions newer than its own, versions it has no
 * migration for, and records that do not hold together, naming the field.
 */
export function recordReader<R>(kinds: Readonly<Record<string, KindRule>>): (raw: unknown) => Outcome<R> {
  return (raw) => {
    if (typeof raw !== 'object' || raw === null || Array.isArray(raw))
      return refuse('not-a-record', 'This is not a record of the shop.');
    let record = raw as Raw;
    const rule =
      typeof record.kind === 'string' && Object.hasOwn(kinds, record.kind) ? kinds[record.kind] : undefined;
    if (!rule)
      return refuse(
        'unknown-kind',
        `Records of kind “${String(record.kind).slice(0, 40)}” are not known here.`,
      );
    for (;;) {
      const { version } = record;
      if (typeof version !== 'number' || !Number.isInteger(version))
        return refuse('no-version', 'The record does not say which version it is.');
      if (version > rule.version)
        return refuse(
          'newer-version',
          `Made by a newer Fluorite (${String(record.kind)} version ${version}; this one reads up to ${rule.version}). Update first.`,
        );
      if (version === rule.version) break;
      const migration = rule.migrations[version];
      if (!migration)
        return refuse('no-migration', `Version ${version} of ${String(record.kind)} is no longer read.`);
      const next = migration(record);
      if (!next)
        return refuse(
          'invalid',
          `It does not hold together as version ${version} of ${String(record.kind)}.`,
        );
      record = { ...next, version: version + 1 };
    }
    const result = rule.schema.safeParse(record);
    if (result.success) return result.data as R;
    const tamed = withinBounds(record, result.error.issues);
    const again = tamed && rule.schema.safeParse(tamed);
    if (again?.success) return again.data as R;
    const [issue] = result.error.issues;
    const where = issue?.path.join('.') ?? '';
    return refuse('invalid', `${where ? `${where}: ` : ''}${issue?.message ?? 'does not hold together'}`);
  };
}

/**
 * A record whose only faults are values beyond every bound, with those at their bound and what they said kept in
 * `asked`: an absurd number is a question to a person, no reason to lose the record. Undefined for any other fault.
 */
function withinBounds(record: Raw, issues: readonly z.core.$ZodIssue[]): Raw | undefined {
  const copy = structuredClone(record);
  const asked = Array.isArray(copy.asked) ? [...(copy.asked as unknown[])] : [];
  for (const issue of issues) {
    const last = issue.path.at(-1);
    const holder = issue.path
      .slice(0, -1)
      .reduce<unknown>((part, key) => (part as Raw | undefined)?.[key as string], copy) as Raw | undefined;
    const said = holder?.[last as string];
    const taken = boundFor(issue, said);
    if (holder === undefined || taken === undefined) return undefined;
    holder[last as string] = taken;
    asked.push({ path: issue.path.join('.'), said, taken });
  }
  return { ...copy, asked };
}

function boundFor(issue: z.core.$ZodIssue, said: unknown): number | string | undefined {
  if (issue.message !== beyond) return undefined;
  if (issue.code === 'too_big' && typeof said === 'number') return Number(issue.maximum);
  if (typeof said !== 'string') return undefined;
  const bound = said < daysKnown.first ? daysKnown.first : daysKnown.last;
  return said.length > 10 ? `${bound}T00:00:00.000Z` : bound;
}
