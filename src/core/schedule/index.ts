export {
  dryingFactor,
  potLife,
  recoatState,
  type Drying,
  type RecoatState,
  type SheetTimes,
} from './windows';
