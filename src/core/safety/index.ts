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
