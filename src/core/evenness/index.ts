export { measuredProfile, shapeProfile, steadiness, type Profile, type Steadiness } from './steady';
