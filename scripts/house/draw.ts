// `npm run house`: the picture of the house in docs/house.svg, drawn from the imports, so that it stays true.
import { writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { instance } from '@viz-js/viz'
import { readHouse, reduced, type House } from './imports'

const FLOORS = [
  { name: 'app/src: the screens', of: (room: string) => room.startsWith('app/') },
  { name: 'server', of: (room: string) => room === 'server' },
  { name: 'core: the trade’s computation', of: (room: string) => room.startsWith('core/') },
] as const

const quoted = (text: string): string => `"${text}"`

/** The house in Graphviz's language: one cluster a floor, an arrow for each need that does not follow from others. */
export function dotOf({ files, needs }: House): string {
  const clusters = FLOORS.map(({ name, of }, i) => {
    const rooms = [...files].filter(([room]) => of(room)).sort()
    const nodes = rooms.map(([room]) => `${quoted(room)} [label=${quoted(room.split('/').at(-1) ?? room)}];`)
    return `subgraph cluster_${i} { label=${quoted(name)}; fontsize=18; color="#8a5a2b"; style=rounded;\n${nodes.join('\n')}\n}`
  })
  const arrows = [...reduced(needs)]
    .sort()
    .flatMap(([room, list]) => list.map((other) => `${quoted(room)} -> ${quoted(other)};`))
  return `digraph house {
rankdir=TB; nodesep=0.25; ranksep=0.45; fontname="Helvetica"; bgcolor="#fdfaf3"; compound=true;
node [shape=box, style="rounded,filled", fillcolor="#ffffff", color="#2b241c", fontname="Helvetica", fontsize=13];
edge [color="#6b6258", arrowsize=0.6];
${clusters.join('\n')}
${arrows.join('\n')}
}
`
}

export async function drawHouse(): Promise<string> {
  const viz = await instance()
  return viz.renderString(dotOf(readHouse()), { format: 'svg', engine: 'dot' })
}

if (require.main === module)
  void drawHouse().then((svg) => {
    const file = join(resolve(__dirname, '..', '..'), 'docs', 'house.svg')
    writeFileSync(file, svg)
    console.log(`Drawn: ${file}`)
  })
