import { can, coating, revision } from './coating';
import { job } from './job';
import { photo } from './photo';
import { practice } from './practice';
import type { KindRule } from './read';
import { cup, rig } from './rig';
import { shop } from './shop';
import { versions, type RecordKind } from './versions';

/** Every kind of record with its present version. */
export const recordKinds = {
  coating: { version: versions.coating, schema: coating },
  revision: { version: versions.revision, schema: revision },
  can: { version: versions.can, schema: can },
  rig: { version: versions.rig, schema: rig },
  cup: { version: versions.cup, schema: cup },
  job: { version: versions.job, schema: job },
  photo: { version: versions.photo, schema: photo },
  practice: { version: versions.practice, schema: practice },
  shop: { version: versions.shop, schema: shop },
} as const satisfies Record<RecordKind, Pick<KindRule, 'version' | 'schema'>>;
