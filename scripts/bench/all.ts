// `npm run bench`: figures as ratios, both sides measured in this run on this machine.
import { benchApi } from './api'
import { benchBoard } from './board'
import { benchDrag } from './drag'
import { benchPractice } from './practice'
import { benchGrowth } from './growth'
import { benchFirstVisit } from './first-visit'
import { benchStages } from './stages'
import { benchStockPlan } from './stock-plan'
import { benchProof } from './proof'
import { benchMatch } from './match'
import { benchTapPlan } from './tap-plan'
import { benchWire } from './wire-size'

async function main(): Promise<void> {
  await benchTapPlan()
  benchMatch()
  benchProof()
  await benchStockPlan()
  benchWire()
  await benchFirstVisit()
  await benchStages()
  await benchBoard()
  await benchDrag()
  await benchPractice()
  await benchGrowth()
  await benchApi()
}

main().catch((error: unknown) => {
  console.error(error)
  process.exitCode = 1
})
