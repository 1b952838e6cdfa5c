/** Whether all of one's properties are those of another: for what is compared by more than its objects. */
export const sameProps = <P extends object>(before: P, now: P): boolean =>
  (Object.keys(now) as (keyof P)[]).every((name) => before[name] === now[name]);
