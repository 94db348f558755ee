/** Bars of air, or those of a pump. */
export const pressureQuantity = (pressure: number) =>
  (pressure > 15e5 ? 'pumpPressure' : 'pressure') as 'pumpPressure' | 'pressure';

/** Where a pressure is read. */
export const placeWords = {
  cap: 'at the cap',
  inlet: 'at the gun inlet',
  tip: 'at the tip',
  wall: 'at the wall',
  tank: 'at the tank',
};
