import { DxfWriter, Colors, LWPolylineFlags, TextHorizontalAlignment, Units, point2d, point3d } from '@tarikjabiri/dxf';
import type { Drawing, Shape } from '@/core/paper';
import { printable } from './letters';

const ALIGNED = { start: TextHorizontalAlignment.Left, middle: TextHorizontalAlignment.Center, end: TextHorizontalAlignment.Right };

/** Only closed outlines are cut. Arrows, dashes, rules and words lie on a layer of their own, for machines that cut all of a layer. */
const LAYERS = { cut: 'cut', other: 'not-to-cut' } as const;

const layerOf = (shape: Shape): string => (shape.kind === 'path' && shape.closed && !shape.dashed ? LAYERS.cut : LAYERS.other);

/** A drawing as DXF in mm. There y runs upwards: the drawing's lower edge is 0. */
export function writeDxf({ height, shapes }: Drawing): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  dxf.addLayer(LAYERS.cut, Colors.White, 'Continuous');
  dxf.addLayer(LAYERS.other, Colors.Cyan, 'Continuous');
  const up = (y: number) => height - y;
  for (const shape of shapes) {
    dxf.setCurrentLayerName(layerOf(shape));
    if (shape.kind === 'line') dxf.addLine(point3d(shape.x1, up(shape.y1)), point3d(shape.x2, up(shape.y2)));
    else if (shape.kind === 'path') {
      dxf.addLWPolyline(
        shape.points.map(({ x, y }) => ({ point: point2d(x, up(y)) })),
        { flags: shape.closed ? LWPolylineFlags.Closed : LWPolylineFlags.None },
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
