// Parts with their posts, in the order they are drawn.

/** Groups posts by their part; parts without posts fall away. */
export function partsOf<P extends { readonly id: string; readonly part: string }>(
  parts: readonly { readonly id: string; readonly name: string }[],
  posts: readonly P[],
) {
  return parts
    .map(({ id, name }) => ({ id, name, posts: posts.filter((post) => post.part === id) }))
    .filter((part) => part.posts.length > 0)
}
