export {
  cautionsFor,
  deferral,
  hazards,
  workStages,
  type Caution,
  type Hazard,
  type WorkStage,
} from './cautions';
