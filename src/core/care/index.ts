export {
  chemistries,
  cleaningSteps,
  defaultCleanBy,
  flushLiquid,
  type Chemistry,
  type CleaningQuestion,
  type CleaningStep,
} from './cleaning';
