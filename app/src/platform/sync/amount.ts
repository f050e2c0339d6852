/** So many at a time: begins small, doubles while the way carries it, halves when it does not. */
export class Amount {
  constructor(
    private size: number,
    private readonly least: number,
    private readonly most: number,
  ) {}
  get now(): number {
    return this.size
  }
  grow(): void {
    this.size = Math.min(this.most, this.size * 2)
  }
  /** False: it was the least already. */
  shrink(): boolean {
    if (this.size <= this.least) return false
    this.size = Math.max(this.least, Math.floor(this.size / 2))
    return true
  }
}
