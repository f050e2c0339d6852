// A process beside this one that runs tests in a moment; one that hangs is ended and another started.
import { fork, type ChildProcess } from 'node:child_process'
import { join } from 'node:path'
import type { Question, QuickAnswer } from './quick-worker'

export class QuickRunner {
  private child: ChildProcess | null = null

  /** null: it did not end in time. */
  ask(question: Question, limitMs: number): Promise<QuickAnswer | null> {
    const child = (this.child ??= fork(join(__dirname, 'quick-worker.ts'), {
      execArgv: ['--import', 'tsx'],
      stdio: 'ignore',
    }))
    return new Promise((done) => {
      const end = (answer: QuickAnswer | null) => {
        clearTimeout(clock)
        child.removeAllListeners()
        if (answer === null) this.close()
        done(answer)
      }
      const clock = setTimeout(() => end(null), limitMs)
      child.once('message', (answer: QuickAnswer) => end(answer))
      child.once('exit', () => end(null))
      child.send(question)
    })
  }

  close(): void {
    this.child?.kill('SIGKILL')
    this.child = null
  }
}
