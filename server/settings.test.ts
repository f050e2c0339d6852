import { readSettings } from './settings'

const read = (env: Record<string, string>) => readSettings(env, '/shop')

it('with nothing said it is the shop’s own, on loopback, without copies by itself', () =>
  expect(read({})).toEqual({
    demo: false,
    data: '/shop/data/shop',
    database: '/shop/data/shop/oak-switch.sqlite',
    host: '127.0.0.1',
    port: 4651,
    hosts: [],
    backups: { folder: '/shop/data/shop/backups', keep: 14, everyHours: null },
  }))
it('the demo lives beside it, with a port and a folder of its own', () =>
  expect(read({ OAK_DEMO: '1' })).toMatchObject({ demo: true, data: '/shop/data/demo', port: 4650 }))
it('takes what it is told', () =>
  expect(
    read({
      OAK_DATA: '/srv/oak',
      HOST: '0.0.0.0',
      PORT: '0',
      OAK_HOSTS: 'shop-pc, oak.lan',
      OAK_BACKUPS: '/mnt/copies',
      OAK_BACKUP_HOURS: '24',
      OAK_BACKUP_KEEP: '30',
    }),
  ).toEqual({
    demo: false,
    data: '/srv/oak',
    database: '/srv/oak/oak-switch.sqlite',
    host: '0.0.0.0',
    port: 0,
    hosts: ['shop-pc', 'oak.lan'],
    backups: { folder: '/mnt/copies', keep: 30, everyHours: 24 },
  }))
it.each([
  ['PORT', '65536', 'PORT must be a whole number from 0 to 65535, not “65536”.'],
  ['PORT', '-1', 'PORT must be a whole number from 0 to 65535, not “-1”.'],
  ['PORT', '4650.5', 'PORT must be a whole number from 0 to 65535, not “4650.5”.'],
  ['OAK_BACKUP_KEEP', '0', 'OAK_BACKUP_KEEP must be a whole number from 1 to 10000, not “0”.'],
  ['OAK_BACKUP_HOURS', 'daily', 'OAK_BACKUP_HOURS must be a whole number from 0 to 8760, not “daily”.'],
])('%s=%s is said in words', (name, value, words) => expect(() => read({ [name]: value })).toThrow(words))
