// The jumper plan against HiGHS solving the same instances with the same lexicographic objective: warm, median.
import { planTaps } from '../../core/capacitor/tap-plan/plan'
import { highsBest, startHighs } from '../../core/capacitor/tap-plan/testing/highs'
import { tradeInstance, type Instance } from '../../core/capacitor/tap-plan/testing/instances'
import { median } from './median'

const SIZES = [
  { sections: 6, wanted: 300 },
  { sections: 12, wanted: 100 },
  { sections: 16, wanted: 30 },
] as const
const INSTANCES = 15
const WARM_UP = 300

function timeOf(work: () => unknown, repeats: number): number {
  const from = performance.now()
  for (let i = 0; i < repeats; i++) work()
  return (performance.now() - from) / repeats
}

const plan = ({ sections, loads }: Instance) =>
  planTaps({
    sections: sections.map((microfarads, i) => ({ id: `s${i}`, microfarads })),
    loads: loads.map((microfarads, i) => ({ load: `L${i}`, microfarads })),
    tolerancePercent: 6,
  })

export async function benchTapPlan(): Promise<void> {
  const highs = await startHighs()
  console.log('tap-plan, 2 loads, order “exact”: median of 15 seeded cans of trade values')
  for (const { sections, wanted } of SIZES) {
    const instances = Array.from({ length: INSTANCES }, (_, i) => tradeInstance(1000 + i, sections, 2))
    for (let i = 0; i < WARM_UP; i++) plan(instances[i % INSTANCES] as Instance)
    const ours = median(instances.map((instance) => timeOf(() => plan(instance), 40)))
    highsBest(highs, instances[0]?.sections ?? [], instances[0]?.loads ?? [], 6, 'exact')
    const theirs = median(
      instances.map((instance) =>
        timeOf(() => highsBest(highs, instance.sections, instance.loads, 6, 'exact'), 1),
      ),
    )
    const ratio = theirs / ours
    console.log(
      `  ${String(sections).padStart(2)} sections: ${ours.toFixed(4)} ms, HiGHS ${theirs.toFixed(1)} ms: ${Math.round(ratio)} times faster (wanted ${wanted})${ratio < wanted ? '  BELOW' : ''}`,
    )
  }
}
