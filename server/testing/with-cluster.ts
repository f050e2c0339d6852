// Starts the cluster that a run of tests uses, once.
import { availableParallelism } from 'node:os'
import { startCluster, type TestCluster } from './cluster'
import { databaseOf } from './test-shop'

const kept = globalThis as { oakCluster?: TestCluster }

export default function setUp(): void {
  kept.oakCluster = startCluster({
    more: Array.from({ length: availableParallelism() }, (_, i) => databaseOf(i + 1)),
  })
  process.env.OAK_TEST_POSTGRES = kept.oakCluster.url
}
