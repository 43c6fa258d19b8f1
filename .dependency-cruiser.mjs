/**
 * What may import what, types included: packages one way, the floors of the core, doors, no circle. `npm run imports` says it; so does
 * `npm test`.
 */

/** The floors of the core, the lowest first: a folder stands on those of lower floors alone. */
const FLOORS = [
  ['input', 'words', 'solver', 'print', 'link', 'electric'],
  ['time', 'control', 'signal'],
  ['units', 'strokes', 'heat'],
  ['describe'],
  ['dosing', 'profile', 'beat', 'bench'],
  ['hydraulics', 'findings', 'sheet', 'proof', 'keypad'],
  ['schedule', 'visit'],
  ['chart', 'tools'],
  ['families'],
  ['job'],
];
const at = (folders) => `^core/src/(${folders.join('|')})/`;
/** Tests and what they stand on take what they need from anywhere in their package. */
const TESTS = '[.]test[.]tsx?$|fixtures[.]tsx?$|/testing/';

const floors = FLOORS.map((folders, i) => ({
  name: `floor-of-${folders[0]}`,
  comment: 'A folder of the core stands on lower floors alone, and on itself.',
  severity: 'error',
  from: { path: at(folders), pathNot: TESTS },
  to: { path: '^core/src/([^/]+)/', pathNot: [at(FLOORS.slice(0, i).flat().concat('\0')), at(folders)] },
}));
const besides = FLOORS.flatMap((folders) =>
  folders.map((folder) => ({
    name: `beside-${folder}`,
    comment: 'Folders of one floor know nothing of one another.',
    severity: 'error',
    from: { path: at([folder]), pathNot: TESTS },
    to: { path: at(folders), pathNot: at([folder]) },
  })),
);

/** The floors of the app: routes stand on features, these on what families paint, these on the kit, all of them on what is below. */
const APP_FLOORS = [
  ['ui'],
  ['api', 'charts', 'draft', 'form', 'workers'],
  ['kit'],
  ['families'],
  ['features'],
  ['app'],
];
const inApp = (folders) => `^app/src/(${folders.join('|')})/`;
const appFloors = APP_FLOORS.map((folders, i) => ({
  name: `app-floor-of-${folders[0]}`,
  comment:
    'A folder of the app stands on lower floors alone: features, then families, then the kit, then what is below.',
  severity: 'error',
  from: { path: inApp(folders), pathNot: TESTS },
  to: {
    path: '^app/src/([^/]+)/',
    pathNot: [inApp(APP_FLOORS.slice(0, i).flat().concat('\0')), inApp(folders), '/testing/'],
  },
}));
const appDoors = [
  {
    name: 'kit-by-its-door',
    comment: 'What is in the kit is imported by the index of its folder.',
    severity: 'error',
    from: { path: '^app/src/', pathNot: [TESTS, '^app/src/kit/'] },
    to: { path: '^app/src/kit/', pathNot: '/index[.]ts$' },
  },
  {
    name: 'kit-among-itself',
    comment: 'A folder of the kit is imported by its index.',
    severity: 'error',
    from: { path: '^app/src/kit/([^/]+)/', pathNot: TESTS },
    to: { path: '^app/src/kit/', pathNot: ['^app/src/kit/$1/', '/index[.]ts$'] },
  },
  {
    name: 'family-by-its-door',
    comment: 'A family is reached by its index, and only by the registry.',
    severity: 'error',
    from: { path: '^app/src/', pathNot: [TESTS, '^app/src/families/'] },
    to: { path: '^app/src/families/[^/]+/', pathNot: '/index[.]ts$' },
  },
];

const packages = [
  ['core', ['contract', 'server', 'app', 'e2e', 'benchmarks']],
  ['contract', ['server', 'app', 'e2e', 'benchmarks']],
  ['server', ['app', 'e2e', 'benchmarks']],
  ['app', ['server', 'e2e', 'benchmarks']],
].map(([from, to]) => ({
  name: `${from}-stands-below`,
  comment: 'Imports point one way: app and server → contract → core.',
  severity: 'error',
  from: { path: `^${from}/` },
  to: { path: `^(${to.join('|')})/` },
}));

export default {
  forbidden: [
    {
      name: 'no-circle',
      comment: 'Nobody stands on what stands on it: take out what both need.',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    ...packages,
    ...floors,
    ...appFloors,
    ...appDoors,
    ...besides,
    {
      name: 'by-its-door',
      comment: 'Another folder of the core is imported by its index.',
      severity: 'error',
      from: { path: '^core/src/([^/]+)/', pathNot: TESTS },
      to: { path: '^core/src/', pathNot: ['^core/src/$1/', '/index[.]ts$'] },
    },
    {
      name: 'by-its-name',
      comment: 'Another package is imported by its name, never by a path.',
      severity: 'error',
      // these put one file of it aside, to add a family to its table
      from: { path: '^([^/]+)/', pathNot: 'sample-family[.]test[.]tsx?$' },
      to: { path: '^(core|contract|server|app)/', pathNot: '^$1/', dependencyTypes: ['local'] },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
    exclude: { path: ['node_modules', '/dist/', '[.]build', '[.]expo'] },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.d.ts', '.js', '.mjs', '.json'],
    },
  },
};
