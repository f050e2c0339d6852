import { benchPractice } from './bench/practice'
import { benchBoard } from './bench/board'
async function main() { await benchPractice(); await benchBoard(); await benchBoard() }
main().catch((e) => { console.error(e); process.exit(1) })
