import { z } from 'zod';

/** The rights of a member: an owner everything, an editor the work and the record, a viewer look. */
export const roleSchema = z.enum(['owner', 'editor', 'viewer']);
export type Role = z.infer<typeof roleSchema>;

export type Permission = 'read' | 'write' | 'own';

const ALLOWED: Record<Permission, readonly Role[]> = {
  read: ['owner', 'editor', 'viewer'],
  write: ['owner', 'editor'],
  own: ['owner'],
};

/** The one place that says what a role allows; row-level security in the database says it again. */
export function allows(role: Role, permission: Permission): boolean {
  return ALLOWED[permission].includes(role);
}
