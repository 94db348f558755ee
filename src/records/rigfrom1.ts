import type { Raw } from './read';

/** A rig of version 1 is one of version 2 that says nothing of its cap. */
export const rigFrom1 = (old: Raw): Raw => old;
