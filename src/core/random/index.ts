export { gaussian, seeded, seedFrom, type Random } from './random';
