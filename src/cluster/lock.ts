import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/**
 * Claims a data folder for this process; returns how to let it go. Throws when another living start holds it. A claim
 * left by a killed process is worth nothing: its number is gone, or belongs to another program by now.
 */
export function claimFolder(folder: string): () => void {
  const file = join(folder, 'running');
  const holder = existsSync(file) ? readFileSync(file, 'utf8') : '';
  if (holder !== '' && holder === identityOf(Number(holder.split(' ')[0]))) {
    throw new Error(
      `another start (process ${holder.split(' ')[0]}) is using ${folder}; stop it first, or set DATA_DIR`,
    );
  }
  const own = identityOf(process.pid);
  writeFileSync(file, own);
  return () => {
    if (existsSync(file) && readFileSync(file, 'utf8') === own) rmSync(file);
  };
}

/** A process by its number and the moment it began, which together never come again. */
function identityOf(pid: number): string {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    return `${pid} ${stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19]}`;
  } catch {
    // No such process.
    return '';
  }
}
