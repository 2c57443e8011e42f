import { spawn } from 'node:child_process'
import { mkdtemp, rm } from 'node:fs/promises'
import { createServer, type AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import type { TestProject } from 'vitest/node'

declare module 'vitest' {
  interface ProvidedContext {
    /** Where the server with the demo's data is. */
    server: string
    /** The port that instruments call at. */
    instruments: string
  }
}

const root = fileURLToPath(new URL('../..', import.meta.url))

async function freePort() {
  const held = createServer()
  await new Promise<void>((done) => held.listen(0, '127.0.0.1', done))
  const { port } = held.address() as AddressInfo
  await new Promise((done) => held.close(done))
  return `${port}`
}

/** Starts the real server with the demo's data for all tests of pages; each makes what it works on. */
export default async function setup(project: TestProject) {
  const data = await mkdtemp(join(tmpdir(), 'plucky-rally-pages-'))
  const instruments = await freePort()
  const server = spawn(
    'dotnet',
    [
      join(root, 'src/PluckyRally.Web/bin/Release/net10.0/PluckyRally.Web.dll'),
      ...['--contentRoot', join(root, 'src/PluckyRally.Web'), '--demo', join(root, 'demo')],
      ...['--instruments', instruments, '--port', '0', '--data', data],
    ],
    // A test's server does not live long enough to win back what compiling it well would cost.
    { env: { ...process.env, DOTNET_TieredPGO: '0', DOTNET_TC_CallCounting: '0' } },
  )
  let said = ''
  const address = await new Promise<string>((found, failed) => {
    const hear = (words: Buffer) => {
      said += words.toString()
      const at = /Plucky Rally is at (\S+)/.exec(said)
      if (at) found(at[1]!)
    }
    server.stdout.on('data', hear)
    server.stderr.on('data', hear)
    server.on('error', failed)
    server.on('exit', () => failed(new Error(`The server ended: ${said}`)))
  })
  project.provide('server', address)
  project.provide('instruments', instruments)
  return async () => {
    const ended = new Promise((done) => server.once('exit', done))
    server.kill('SIGKILL')
    await ended
    await rm(data, { recursive: true })
  }
}
