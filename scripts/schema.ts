import fs from 'node:fs';
import { bundleJsonSchema } from '../src/exchange/bundle';
import { conclusionsJsonSchema } from '../src/exchange/conclusions';

/** Publishes JSON Schemas from their Zod schemas: `npx tsx scripts/schema.ts`. */
const publish = (name: string, schema: unknown) =>
  fs.writeFileSync(`docs/formats/${name}.schema.json`, `${JSON.stringify(schema, null, 2)}\n`);

publish('bundle-3', bundleJsonSchema());
publish('conclusions-1', conclusionsJsonSchema());
