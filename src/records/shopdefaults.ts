import type { Shop } from './shop';
import type { Speech } from './speech';
import { spokenKinds } from './spokenkinds';

/** Working hours until the shop says its own. */
export const usualWorkday = { begins: 7 * 3600, ends: 16.5 * 3600 };

/** s a good card holds until the shop says otherwise. */
export const usualCardLasts = 4 * 3600;

/** Days a checked sheet counts as current until the shop says otherwise. */
export const usualRecheck = 365;

/** How somebody is spoken to until they choose otherwise. */
export const usualSpeech: Speech = { says: [...spokenKinds], volume: 0.8, tick: true };

export const newShop: Shop = {
  kind: 'shop',
  version: 1,
  id: 'shop',
  name: '',
  operator: '',
  units: 'metric',
  theme: 'bench',
  scaleStep: 0.001,
  timings: 2,
};
