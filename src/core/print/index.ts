export { printable } from './letters';
export { writeDxf } from './dxf';
export { writePdf } from './pdf';
export { writeSvg } from './svg';
