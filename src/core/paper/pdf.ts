import { jsPDF } from 'jspdf';
import { PAPER, type Sheet } from './drawing';

const PT_PER_MM = 72 / 25.4;

/** The sheets as one PDF in true mm, a page each, asking the printer not to scale. */
export function writePdf(sheets: readonly [Sheet, ...Sheet[]]): ArrayBuffer {
  const pdf = new jsPDF({ unit: 'mm', format: [...PAPER[sheets[0].paper]], compress: true });
  pdf.setProperties({ title: sheets[0].title, creator: 'Rimbet' });
  pdf.viewerPreferences({ PrintScaling: 'None' });
  sheets.forEach((sheet, i) => {
    if (i > 0) pdf.addPage([...PAPER[sheet.paper]]);
    for (const shape of sheet.shapes) {
      if (shape.kind === 'line') {
        pdf.setLineWidth(shape.width);
        pdf.line(shape.x1, shape.y1, shape.x2, shape.y2);
      } else {
        pdf.setFontSize(shape.size * PT_PER_MM);
        pdf.text(shape.text, shape.x, shape.y, { align: shape.anchor === 'middle' ? 'center' : shape.anchor === 'end' ? 'right' : 'left' });
      }
    }
  });
  return pdf.output('arraybuffer');
}
