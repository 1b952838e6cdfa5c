/** Minutes as a clock on the wall tells them: tenths only while there are few. */
export const minutesWords = (minutes: number): string => (minutes < 10 ? minutes.toFixed(1) : minutes.toFixed(0));
