export { fanAt, jointOrifice, tipCode, tipDistance, tipFlow, tipFromCode, type Tip } from './tip';
