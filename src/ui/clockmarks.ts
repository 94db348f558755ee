import type { clockState } from '@/facts/job';

type ClockState = ReturnType<typeof clockState>;

/** The colour of a clock by how it stands. */
export const clockInk: Record<ClockState, string> = {
  running: '',
  soon: 'text-care',
  ready: 'text-good',
  late: 'text-stop',
  over: '',
};

/** Its mark beside the colour. */
export const clockMarks: Partial<Record<ClockState, string>> = { ready: '✓', late: '■' };
