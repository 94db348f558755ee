/** What is asked before the gun is lifted, by what it is about. */
export const permissionGroups = ['people', 'room', 'part', 'mix', 'gun'] as const;
export type PermissionGroup = (typeof permissionGroups)[number];
