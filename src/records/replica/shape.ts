import type { RecordKind } from '..';

/**
 * How a record merges. What has `fields` merges field by field; what has `items` item by item, found again by `key`; the
 * rest is one value, which belongs together. A list is in order unless its items say their own.
 */
export interface MergeShape {
  readonly fields?: Readonly<Record<string, MergeShape>>;
  readonly items?: MergeShape;
  /** The field an item is known by: its id where nothing is said. */
  readonly key?: string;
  readonly ownOrder?: true;
  /** Never empty: of items removed apart from each other, the last one removed stays. */
  readonly least?: 1;
}

const whole: MergeShape = {};
const fields = (named: Readonly<Record<string, MergeShape>> = {}): MergeShape => ({ fields: named });
const list = (items: MergeShape = whole, more: Omit<MergeShape, 'items' | 'fields'> = {}): MergeShape => ({
  items,
  ...more,
});

const sheet = fields({
  components: list(fields(), { least: 1 }),
  additives: list(fields()),
  thinning: fields({ thinners: list(fields()) }),
  times: fields(),
  limits: fields(),
  intervals: fields(),
});

/** Which parts of each kind merge apart from each other. */
export const shapes: Readonly<Record<RecordKind, MergeShape>> = {
  job: fields({
    part: fields({ faces: list(fields(), { least: 1 }) }),
    layers: list(
      fields({ approach: fields(), coats: list(fields()), work: list(fields()), doses: fields() }),
      { least: 1 },
    ),
    approach: fields(),
    log: list(whole, { ownOrder: true }),
  }),
  coating: sheet,
  revision: fields(),
  can: fields(),
  rig: fields({
    sets: list(fields()),
    airParts: list(fields()),
    patterns: list(whole, { key: 'at' }),
    renewals: list(fields()),
    kit: list(fields()),
    waterFound: list(whole, { key: 'at' }),
    tipsWorn: fields(),
    distances: fields(),
    intervals: fields(),
  }),
  cup: fields({ checks: list(whole, { key: 'on' }) }),
  photo: fields(),
  practice: fields(),
  shop: fields({ alarms: fields(), careWords: fields() }),
};
