import { DxfWriter, Colors, LWPolylineFlags, TextHorizontalAlignment, Units, point2d, point3d } from '@tarikjabiri/dxf';
import type { Drawing } from '@/core/paper';
import { printable } from './letters';

const ALIGNED = { start: TextHorizontalAlignment.Left, middle: TextHorizontalAlignment.Center, end: TextHorizontalAlignment.Right };

/** Lines that are not cut lie on a layer of their own, for machines that cut every line they are given. */
const DASHED = 'not-to-cut';

/** A drawing as DXF in mm. There y runs upwards: the drawing's lower edge is 0. */
export function writeDxf({ height, shapes }: Drawing): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  dxf.addLayer(DASHED, Colors.Cyan, 'Continuous');
  const up = (y: number) => height - y;
  for (const shape of shapes) {
    if (shape.kind === 'line') dxf.addLine(point3d(shape.x1, up(shape.y1)), point3d(shape.x2, up(shape.y2)));
    else if (shape.kind === 'path') {
      dxf.addLWPolyline(
        shape.points.map(({ x, y }) => ({ point: point2d(x, up(y)) })),
        { flags: shape.closed ? LWPolylineFlags.Closed : LWPolylineFlags.None, ...(shape.dashed && { layerName: DASHED }) },
      );
    } else {
      const at = point3d(shape.x, up(shape.y));
      dxf.addText(at, shape.size, printable(shape.text), {
        horizontalAlignment: ALIGNED[shape.anchor ?? 'start'],
        secondAlignmentPoint: at,
      });
    }
  }
  return dxf.stringify();
}
