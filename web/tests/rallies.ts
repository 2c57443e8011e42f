import { execFile } from 'node:child_process'
import { mkdtemp, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { expect } from 'vitest'
import { open, server, type Page } from './page'

/** The project's folder. */
export const root = join(import.meta.dirname, '../..')
const cli = join(root, 'src/PluckyRally.Cli/bin/Release/net10.0/PluckyRally.Cli.dll')

/** What the server answers, as the pages ask it. */
export async function ask<T>(path: string, body?: unknown): Promise<T> {
  const headers = { 'Content-Type': 'application/json' }
  const sent = await fetch(server + path, body ? { method: 'POST', body: JSON.stringify(body), headers } : {})
  if (!sent.ok) throw new Error(`${path} answered ${sent.status}: ${await sent.text()}`)
  return (await sent.json()) as T
}

/** The id of a brief on the shelf. */
export async function onShelf(title: string) {
  const briefs = await ask<{ id: string; title: string }[]>('/api/briefs')
  return briefs.find((b) => b.title === title)!.id
}

/** Puts a brief on the shelf, and gives its id. */
export const shelve = async (brief: object) => (await ask<{ id: string }>('/api/briefs', brief)).id

/** Begins a rally of two teams, without going through the stations before Score, and gives its id. */
const begin = async (brief: string, name: string) =>
  (await ask<{ id: string }>('/api/rallies', { brief, name, teams: [{ name: 'Plovers' }, { name: 'Whelks' }] })).id

/** Begins a rally of a brief of the demo, and opens its Score station. */
export const beginOnWalk = async (title: string) => beginWith(await onShelf(title), title)

/** Begins a rally of this brief, and opens its Score station. */
export async function beginWith(brief: string, title: string) {
  const rally = await begin(brief, title)
  const walk = await open(`/rallies/${rally}/score`)
  await walk.see('Observations')
  return { walk, rally }
}

/** Checks that the results say of the Plovers what the command line finds in the rally's file. */
export async function agrees(page: Page, rally: string, total?: string) {
  const folder = await mkdtemp(join(tmpdir(), 'plucky-rally-file-'))
  const file = join(folder, 'rally.json')
  await writeFile(file, await (await fetch(`${server}/api/rallies/${rally}/file`)).text())
  const { stdout } = await promisify(execFile)('dotnet', [cli, 'score', file, '--json'])
  await rm(folder, { recursive: true })
  const { standings } = JSON.parse(stdout) as { standings: { rows: { name: string; totalText: string }[] } }
  const found = standings.rows.find((r) => r.name === 'Plovers')!.totalText
  if (total !== undefined) expect(found).toBe(total)
  await page.open(`/rallies/${rally}/results`)
  await page.until(() => page.all('row', 'Plovers', false)[0]?.textContent?.includes(found), `the total ${found}`)
}
