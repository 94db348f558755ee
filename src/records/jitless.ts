import { config } from 'zod/mini';

/**
 * The policy the pages are served under lets no text become code; the library would try with its first schema, and be reported
 * for it. To be imported by whoever makes a schema that is not made of `fields`.
 */
config({ jitless: true });
