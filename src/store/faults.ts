/**
 * Why the browser's storage cannot be written or read: no room, the database of a newer version, a database that could not
 * be read yet, one that an older version in another tab keeps from being brought up to date, one that was emptied and could not be
 * filled again yet, or anything else.
 */
export type Fault = 'full' | 'newer' | 'unread' | 'blocked' | 'emptied' | 'failing';

/** The names of an error and of those inside it: a library wraps the browser's own. */
function namesOf(error: unknown): string[] {
  const names: string[] = [];
  for (let each = error as { name?: unknown; inner?: unknown } | undefined; each && names.length < 5; each = each.inner as typeof each)
    names.push(String(each.name));
  return names;
}

/** What kind of fault an error of the database is. */
export function faultOf(error: unknown): Extract<Fault, 'full' | 'newer' | 'failing'> {
  const names = namesOf(error);
  if (names.includes('QuotaExceededError')) return 'full';
  return names.includes('VersionError') ? 'newer' : 'failing';
}
