// The unit's posts with the thermostat off: what is still on a line, by pattern and word.
import { useMemo } from 'react'
import { View } from 'react-native'
import type { LivePost } from '@oak/core/safety/make-safe'
import { LINES, linesOf, postName, type UnitType } from '@oak/core/wiring/unit-type'
import { Words } from '../../ui/Words'
import { layoutPosts } from '../../parts/posts/post-layout'
import { partsOf } from '../../parts/posts/parts'
import { LINE_FACES } from '../../parts/posts/line-faces'
import { PostColumn, type PostFace } from '../../parts/posts/PostColumn'

const WIDTH = 300

export function LivePicture({ unit, live }: { readonly unit: UnitType; readonly live: readonly LivePost[] }) {
  const faces = useMemo(() => facesOf(unit, live), [unit, live])
  // Only the parts that have something live: the rest is no danger to show.
  const layout = useMemo(
    () =>
      layoutPosts(
        partsOf(unit.parts, unit.posts).filter((part) => part.posts.some((p) => faces.get(p.id)?.pattern)),
        0,
        WIDTH,
      ),
    [unit, faces],
  )
  return (
    <View style={{ gap: 4 }}>
      <Words size="small" tone="quiet">
        With the thermostat off and the disconnect still closed:
      </Words>
      <View
        style={{ height: layout.height, width: WIDTH, alignSelf: 'center' }}
        testID="live-picture"
        aria-label={`Live with the thermostat off: ${[...faces.values()]
          .filter((f) => f.pattern)
          .map((f) => `${f.name}, ${f.word}`)
          .join('; ')}`}
      >
        <PostColumn layout={layout} faces={faces} />
      </View>
    </View>
  )
}

function facesOf(unit: UnitType, live: readonly LivePost[]): Map<string, PostFace> {
  const lineOf = (id: string) =>
    LINES[linesOf(unit).findIndex((post) => post === id)] ?? live.find((p) => p.post === id)?.line
  return new Map(
    unit.posts.map((post): [string, PostFace] => {
      const line = lineOf(post.id)
      return [
        post.id,
        { id: post.id, label: post.label, name: postName(unit, post.id), ...(line ? LINE_FACES[line] : {}) },
      ]
    }),
  )
}
