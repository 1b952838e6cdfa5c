import { DASH, type Drawing, type Shape } from '@/core/paper';

const ENTITIES: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' };
const escaped = (text: string): string => text.replace(/[&<>"']/g, (letter) => ENTITIES[letter]!);
const places = (mm: number): string => String(Number(mm.toFixed(4)));
const ANCHORS = { start: 'start', middle: 'middle', end: 'end' };

function element(shape: Shape): string {
  if (shape.kind === 'line') {
    return `<line x1="${places(shape.x1)}" y1="${places(shape.y1)}" x2="${places(shape.x2)}" y2="${places(shape.y2)}" stroke-width="${shape.width}"/>`;
  }
  if (shape.kind === 'path') {
    const d = `M${shape.points.map(({ x, y }) => `${places(x)} ${places(y)}`).join('L')}${shape.closed ? 'Z' : ''}`;
    return `<path d="${d}" stroke-width="${shape.width}"${shape.dashed ? ` stroke-dasharray="${DASH.join(' ')}"` : ''}/>`;
  }
  return `<text x="${places(shape.x)}" y="${places(shape.y)}" font-size="${shape.size}" text-anchor="${ANCHORS[shape.anchor ?? 'start']}" fill="black" stroke="none">${escaped(shape.text)}</text>`;
}

/** A drawing as SVG in true mm: one unit is one mm. */
export const writeSvg = ({ title, width, height, shapes }: Drawing): string =>
  [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${places(width)}mm" height="${places(height)}mm" viewBox="0 0 ${places(width)} ${places(height)}" fill="none" stroke="black" font-family="sans-serif">`,
    `<title>${escaped(title)}</title>`,
    ...shapes.map(element),
    '</svg>\n',
  ].join('\n');
