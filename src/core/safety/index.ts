export { cautionsFor, deferral, workStages, type Caution, type WorkStage } from './cautions';
export { assumedVapour, dilutionAir, type Vapour } from './dilution';
export { hazards, type Hazard } from './hazards';
export { protection, type Protection } from './protection';
export { workplaces, type Workplace } from './workplaces';
export { runOn, usualMixing, usualRunOn } from './runon';
export { stepCautions } from './stepcautions';
export { faceVelocities, ventilation, type VentilationFound, type VentilationQuestion } from './ventilation';
