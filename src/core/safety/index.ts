export {
  cautionsFor,
  deferral,
  hazards,
  workStages,
  type Caution,
  type Hazard,
  type WorkStage,
} from './cautions';
export { assumedVapour, dilutionAir, type Vapour } from './dilution';
export { protection, workplaces, type Protection, type Workplace } from './protection';
export { stepCautions } from './stepcautions';
export {
  faceVelocities,
  usualMixing,
  ventilation,
  type Ventilation,
  type VentilationQuestion,
} from './ventilation';
