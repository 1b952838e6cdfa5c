/** A form's outer sizes as people say them: length × width × height of what has sides, across × height of what is round. */
export function overallWords(
  { rimDiameter, rimAcross, height }: { readonly rimDiameter: number; readonly rimAcross?: number; readonly height: number },
  length: (mm: number) => string,
): string {
  return rimAcross === undefined
    ? `⌀ ${length(rimDiameter)} × ${length(height)}`
    : `${length(rimDiameter)} × ${length(rimAcross)} × ${length(height)}`;
}
