import { LEAD_ROLES, ROLE_NAMES, WIRE_ROLES, wireRolesOf } from './role'

it('roles as the trade calls them; the common of a motor is never called by one word', () => {
  const names = [...new Set([...LEAD_ROLES, ...WIRE_ROLES])].map((role) => ROLE_NAMES[role]).sort()
  expect(names).toEqual(
    [
      'capacitor lead',
      'ground',
      'horsepower tap',
      'line lead',
      'motor common',
      'phase lead',
      'rotation plug',
      'run',
      'run-return',
      'select lead',
      'speed tap',
      'start',
    ].sort(),
  )
})
it('wires that a motor of a kind can have', () => {
  expect(wireRolesOf({ fan: 'outdoor', phases: 3 })).toEqual(['phase', 'ground'])
  expect(wireRolesOf({ fan: 'blower', phases: 1 })).toEqual(['line', 'speed', 'capacitor', 'ground'])
  expect([...wireRolesOf({ fan: 'outdoor', phases: 1 })].sort()).toEqual(
    ['ground', 'motor-common', 'run', 'run-return', 'start'].sort(),
  )
})
