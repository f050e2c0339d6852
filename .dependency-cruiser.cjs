// Imports point down. Inside core: operations -> job -> startup, fitting, practice -> circuit -> diagnosis, safety, mounting -> label, meter, van, carry -> wiring -> motor, capacitor, rotation -> supply -> quantity.
const order = [
  'operations',
  'job',
  '(?:startup|fitting|practice)',
  'circuit',
  '(?:diagnosis|safety|mounting)',
  '(?:label|meter|van|carry)',
  'wiring',
  '(?:motor|capacitor|rotation)',
  'supply',
  'quantity',
]
const upward = order.slice(1).map((folder, i) => ({
  name: `core-${folder.replace(/[^a-z]+/g, '-')}-imports-upward`,
  severity: 'error',
  from: { path: `^core/${folder}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^core/(?:${order.slice(0, i + 1).join('|')})/` },
}))
const siblings = ['motor', 'capacitor', 'rotation'].map((folder) => ({
  name: `core-${folder}-imports-a-sibling`,
  severity: 'error',
  from: { path: `^core/${folder}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^core/(?:${['motor', 'capacitor', 'rotation'].filter((f) => f !== folder).join('|')})/` },
}))

// The rooms of app/src, top first: a room imports those below it, never one beside or above it. Routes (app/) import any.
const floors = ['stages|handover|shop', 'parts', 'platform', 'ui']
const rooms = floors.slice(1).map((floor, i) => ({
  name: `app-${floor}-imports-upward`,
  severity: 'error',
  from: { path: `^app/src/(?:${floor})/`, pathNot: '\\.test\\.tsx?$' },
  to: { path: `^app/src/(?:${floors.slice(0, i + 1).join('|')})/` },
}))
rooms.push({
  name: 'app-rooms-beside-each-other-are-apart',
  severity: 'error',
  from: { path: '^app/src/(stages|handover|shop)/' },
  to: { path: '^app/src/(?:stages|handover|shop)/', pathNot: '^app/src/$1/' },
})

module.exports = {
  forbidden: [
    ...upward,
    ...siblings,
    {
      name: 'no-circular-folders',
      severity: 'error',
      comment: 'Two folders that need each other are one, or lack a third. In core the floors say it.',
      scope: 'folder',
      from: { path: '^app/src' },
      to: { circular: true, path: '^app/src' },
    },
    {
      name: 'no-circular',
      severity: 'error',
      from: {},
      to: { circular: true, dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'Only the core itself and Valibot; tests may also use the checkers they compare with.',
      from: { path: '^core/', pathNot: '\\.test\\.ts$|/testing/' },
      to: { pathNot: '^core/|node_modules/(valibot|@valibot)/' },
    },
    {
      name: 'app-and-server-are-apart',
      severity: 'error',
      from: { path: '^app/' },
      to: { path: '^(server|scripts|e2e)/' },
    },
    {
      name: 'server-and-app-are-apart',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^(app|scripts|e2e)/' },
    },
    {
      name: 'routes-are-leaves',
      severity: 'error',
      comment: 'app/src/app holds routes only: nothing else imports them.',
      from: { path: '^app/src/', pathNot: '^app/src/app/' },
      to: { path: '^app/src/app/' },
    },
    ...rooms,
    {
      name: 'a-stage-imports-no-stage',
      severity: 'error',
      comment: 'What two stages need is a part; a stage that opens another one is given it by its route.',
      from: { path: '^app/src/stages/([^/]+)/' },
      to: { path: '^app/src/stages/', pathNot: '^app/src/stages/$1/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: 'node_modules|dist' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js', '.json', '.mjs', '.cjs'] },
  },
}
