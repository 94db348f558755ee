import fs from 'node:fs';
import { bundleJsonSchema } from '../src/exchange/bundle';

/** Publishes the bundle's JSON Schema from its Zod schema: `npx tsx scripts/schema.ts`. */
fs.writeFileSync('docs/formats/bundle-2.schema.json', `${JSON.stringify(bundleJsonSchema(), null, 2)}\n`);
