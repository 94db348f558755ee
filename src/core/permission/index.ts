export { allCauses, causes, type Cause, type Weight } from './causes';
export { grant, holds, type Asked, type Grant, type Waiver } from './grant';
export { remediesFor, remedyIds, type Remedy, type RemedyId, type RemedyQuestion } from './remedies';
export { permissionGroups, type PermissionGroup } from './groups';
