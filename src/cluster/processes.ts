import { readFileSync } from 'node:fs';

/** A process by its number and the moment it began, which together never come again; empty for one that is not there. */
export function identityOf(pid: number): string {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    return `${pid} ${stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19]}`;
  } catch {
    // No such process.
    return '';
  }
}

/** Whether the process that wrote its identity somewhere still runs. What was cut off is nobody's. */
export function isAlive(identity: string): boolean {
  const pid = Number(identity.split(' ')[0]);
  return Number.isInteger(pid) && pid > 0 && identity === identityOf(pid);
}
