// Stops it at the end of the run.
import type { TestCluster } from './cluster'

export default function tearDown(): void {
  ;(globalThis as { oakCluster?: TestCluster }).oakCluster?.remove()
}
