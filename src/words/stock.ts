import type { Coating } from '@/records';
import type { NoReturn } from '@/facts/shop/returned';

/** What transparent pigments and flake ask of whoever mixes and strains them. */
export const pigmentWords: Record<NonNullable<Coating['pigment']>, string> = {
  flake:
    'Flake in it: it settles within minutes. Stir to the bottom before every fill and keep it moving, strain through a coarse cone, box all lots of the job, and keep distance and pressure from coat to coat: both move the tone.',
  transparent:
    'Transparent pigments: film is tone. Every coat of every face alike, all lots boxed, and a sprayed-out card beside the part before the first coat.',
};

/** Why nothing goes back. */
export const noReturnWords: Record<NoReturn, string> = {
  'two-part':
    'A mix of two parts never goes back into a can: it sets there. Leftovers stay open, in small lots.',
  'moisture-curing':
    'What was open never goes back into the tin: it has met damp, gives off gas, and bursts a closed can.',
};
