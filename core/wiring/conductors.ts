// Which points are one piece of copper. Everything here is about conduction, not about voltage.
/** Groups of points joined by conductors (a disjoint-set forest). Unknown points are each their own group. */
export class Conductors {
  private readonly parent = new Map<string, string>()

  join(a: string, b: string): void {
    const rootA = this.find(a)
    const rootB = this.find(b)
    if (rootA !== rootB) this.parent.set(rootA, rootB)
  }

  /** A name for the group of `point`: equal for joined points. */
  find(point: string): string {
    let root = point
    for (let next = this.parent.get(root); next !== undefined; next = this.parent.get(root)) root = next
    // Shorten the way for the next call.
    for (let at = point; at !== root;) {
      const next = this.parent.get(at)!
      this.parent.set(at, root)
      at = next
    }
    return root
  }

  joined(a: string, b: string): boolean {
    return this.find(a) === this.find(b)
  }
}
