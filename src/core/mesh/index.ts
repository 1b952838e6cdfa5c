export { type Mesh, MOST_TRIANGLES, scaledMesh } from './mesh';
export { FINENESS, type Fineness, coreSection, lostByFlats, pieceMesh, turned } from './solids';
export { type MeshMeasures, measureMesh } from './measure';
