// Keeps a server running: one that died is started again, and it is said. One that ended by itself, or that has told why it
// cannot start, is not.
import { spawn } from 'node:child_process'

/** What a server ends with when it has said why it cannot run as it is set: starting it again would change nothing. */
const TOLD = 78
const USUAL = { pauseMs: 1000, most: 5, withinMs: 60_000 }

/** Runs until the server ends for good; then this process ends as it did. */
export function keepRunning(command, args, options, { pauseMs, most, withinMs } = USUAL) {
  let [server, ending, deaths] = [null, false, []]
  const start = () => {
    server = spawn(command, args, { stdio: 'inherit', ...options })
    server.on('exit', ended)
  }
  function ended(code, signal) {
    if (ending || code === 0 || code === TOLD) return process.exit(code ?? 0)
    deaths = [...deaths.filter((at) => Date.now() - at < withinMs), Date.now()]
    const how = signal ? `was ended by ${signal}` : `ended with ${code}`
    if (deaths.length > most) {
      console.error(
        `The server ${how}, for the ${deaths.length}th time within a minute: it is not started again.`,
      )
      return process.exit(1)
    }
    console.error(`The server ${how}; it is started again. Nothing that it has acknowledged is lost.`)
    setTimeout(() => (ending ? process.exit(0) : start()), pauseMs)
  }
  for (const signal of ['SIGINT', 'SIGTERM'])
    process.on(signal, () => {
      ending = true
      if (server.exitCode !== null || server.signalCode !== null) process.exit(0)
      server.kill(signal)
    })
  start()
}
