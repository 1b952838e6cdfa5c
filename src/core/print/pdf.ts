import { jsPDF } from 'jspdf';
import { DASH, PAPER, type Shape, type Sheet } from '@/core/paper';
import { printable } from './letters';

const PT_PER_MM = 72 / 25.4;
const FONT = 'Atkinson';

function binary(bytes: ArrayBuffer): string {
  let text = '';
  for (const byte of new Uint8Array(bytes)) text += String.fromCharCode(byte);
  return text;
}

/**
 * The sheets as one PDF in true mm, a page each, asking the printer not to scale. Text is real text in the font handed in.
 *
 * @param font a TrueType file
 */
export function writePdf(sheets: readonly [Sheet, ...Sheet[]], font: ArrayBuffer): ArrayBuffer {
  const pdf = new jsPDF({ unit: 'mm', format: [...PAPER[sheets[0].paper]], compress: true });
  pdf.setProperties({ title: sheets[0].title, creator: 'Rimbet' });
  pdf.viewerPreferences({ PrintScaling: 'None' });
  pdf.addFileToVFS(`${FONT}.ttf`, binary(font));
  pdf.addFont(`${FONT}.ttf`, FONT, 'normal');
  pdf.setFont(FONT, 'normal');
  sheets.forEach((sheet, i) => {
    if (i > 0) pdf.addPage([...PAPER[sheet.paper]]);
    for (const shape of sheet.shapes) draw(pdf, shape);
  });
  return pdf.output('arraybuffer');
}

function draw(pdf: jsPDF, shape: Shape): void {
  if (shape.kind === 'text') {
    pdf.setFontSize(shape.size * PT_PER_MM);
    const align = shape.anchor === 'middle' ? 'center' : shape.anchor === 'end' ? 'right' : 'left';
    pdf.text(printable(shape.text), shape.x, shape.y, { align });
    return;
  }
  pdf.setLineWidth(shape.width);
  if (shape.kind === 'line') {
    pdf.line(shape.x1, shape.y1, shape.x2, shape.y2);
    return;
  }
  const [first, ...rest] = shape.points;
  if (!first) return;
  const steps = rest.map(({ x, y }, i) => [x - (shape.points[i]?.x ?? 0), y - (shape.points[i]?.y ?? 0)] as [number, number]);
  if (shape.dashed) pdf.setLineDashPattern([...DASH], 0);
  pdf.lines(steps, first.x, first.y, [1, 1], 'S', shape.closed);
  if (shape.dashed) pdf.setLineDashPattern([], 0);
}
