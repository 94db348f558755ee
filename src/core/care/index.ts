export { assemblySteps, type AssemblyQuestion, type AssemblyStep } from './assembly';
export {
  chemistries,
  cleaningSteps,
  defaultCleanBy,
  flushLiquid,
  type Chemistry,
  type CleaningQuestion,
  type CleaningStep,
} from './cleaning';
