import type { SettingFault } from '@/facts/job';
import { pressureQuantity } from './pressure';
import type { Units } from './units';

/** What of a setting cannot happen, shortly and with what to do. */
export const settingFaultWords: Record<SettingFault['kind'], { short: string; says: string }> = {
  fluid: {
    short: 'more than it passes',
    says: 'This nozzle does not pass {asked}: fully open about {can}. Less fluid and a slower hand, or a larger nozzle.',
  },
  'tip-fluid': {
    short: 'not this tip’s flow',
    says: 'This tip does not spray {asked}: at this pressure about {can}. Set what it sprays, or fit another.',
  },
  'tip-fan': {
    short: 'not this tip’s fan',
    says: 'This tip’s fan is not {asked} wide: at this distance about {can}.',
  },
  pressure: {
    short: 'over the gun’s pressure',
    says: '{asked} is more than this gun bears: {can}. Take it down before anything else.',
  },
  turbine: {
    short: 'more than the turbine leaves',
    says: 'The turbine does not leave {asked}: at the gun about {can}. Less, a shorter hose, or more stages.',
  },
  'not-here': {
    short: 'not on this gun',
    says: 'What was recorded fitted is not among the sets and tips of this gun. Fit one that is, or add it to the gun.',
  },
  misfit: {
    short: 'not for this guard',
    says: 'This tip is not for the guard and housing of this gun: it leaks or blows out. Fit one that is, or its own housing.',
  },
};

export const faultQuantity = {
  fluid: 'fluidFlow',
  'tip-fluid': 'fluidFlow',
  'tip-fan': 'distance',
  pressure: 'pressure',
  turbine: 'pressure',
  'not-here': 'pressure',
  misfit: 'pressure',
} as const;

/** What of a setting cannot happen, and the nearest that can. */
export function settingFaultSays({ kind, asked, can }: SettingFault, units: Units): string {
  const shown = (value: number | undefined) =>
    units.show(kind === 'pressure' ? pressureQuantity(value ?? 0) : faultQuantity[kind], value);
  return settingFaultWords[kind].says.replace('{asked}', shown(asked)).replace('{can}', shown(can));
}
