import type { Hazard } from '@/core/safety';

export const hazardWords: Record<Hazard, string> = {
  isocyanate: 'Isocyanates',
  aziridine: 'Aziridine',
  sensitiser: 'Sensitises the skin',
  solvent: 'Solvent vapour',
  flammable: 'Flammable',
  peroxide: 'Peroxide',
  styrene: 'Styrene',
  dust: 'Mist and dust',
  injection: 'Injection',
  'oxidising-oil': 'Self-heating rags',
};
