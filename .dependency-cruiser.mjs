const ORDER = [
  'checksum',
  'remember',
  'units',
  'clay',
  'form',
  'sizing',
  'fit',
  'learn',
  'sets',
  'cast',
  'mesh',
  'handbuild',
  'records',
  'lessons',
  'part',
  'fitting',
  'casting',
  'telling',
  'orders',
  'example',
  'encode',
  'paper',
  'bench',
  'print',
  'calc',
];

/** A core folder imports only folders that stand before it. */
const coreOrder = ORDER.map((folder, i) => ({
  name: `core-${folder}-imports-only-what-stands-above`,
  severity: 'error',
  from: { path: `^src/core/${folder}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^src/core/(${ORDER.slice(i + 1).join('|') || 'none'})/` },
}));

/** Across folders only through index.ts. */
const throughIndex = {
  name: 'across-folders-through-index',
  severity: 'error',
  from: { path: '^src/(core|ui)/([^/]+)/' },
  to: { path: '^src/(core|ui)/[^/]+/', pathNot: ['^src/$1/$2/', '^src/(core|ui)/[^/]+/index\\.tsx?$'] },
};

/** The rooms of a piece know each other, and what is around them knows them, by their index only. */
const ROOMS = '(sizes|make|tools|fit|made|cast)';
const roomsThroughIndex = [
  { name: 'rooms-through-index', from: `^src/ui/piece/${ROOMS}/`, own: '^src/ui/piece/$1/' },
  { name: 'piece-knows-rooms-through-index', from: '^src/ui/piece/([^/]+|(answer|drawing|hand|model)/.*)$', own: 'none' },
].map(({ name, from, own }) => ({
  name,
  severity: 'error',
  from: { path: from },
  to: { path: `^src/ui/piece/${ROOMS}/`, pathNot: [own, '/index\\.tsx?$'] },
}));

export default {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: { path: ['^src/(store|workers|ui|app)/', 'node_modules/(react|react-dom|next|dexie|@chakra-ui|@emotion)/'] },
    },
    { name: 'only-the-store-knows-dexie', severity: 'error', from: { pathNot: '^src/store/' }, to: { path: 'node_modules/dexie' } },
    { name: 'store-knows-core-only', severity: 'error', from: { path: '^src/store/' }, to: { path: '^src/(ui|app|workers)/' } },
    {
      name: 'store-through-index',
      severity: 'error',
      from: { pathNot: '^(src/store|tests)/' },
      to: { path: '^src/store/', pathNot: '^src/store/index\\.ts$' },
    },
    { name: 'nobody-imports-app', severity: 'error', from: { pathNot: '^src/app/' }, to: { path: '^src/app/' } },
    ...coreOrder,
    throughIndex,
    ...roomsThroughIndex,
  ],
  options: { doNotFollow: { path: 'node_modules' }, tsPreCompilationDeps: true, tsConfig: { fileName: 'tsconfig.json' } },
};
