import type { Entry, EntryOf, JudgeLogLine, SheetDesign, SheetTrial, TeamSheet, Trials } from '@/api/names'
import { entryWords } from '@/log/entryWords'
import { isAnswer, layAnswer } from '@/parts/answers'
import type { OnItsWay } from '@/shared/takenHere'

/**
 * A team's sheet with what this device has recorded and the sheet has not seen, so that a judge goes on without a
 * connection: what was answered and which attempts are open, never points or places. The core writes cases of it that
 * both must meet.
 */
export function withOnItsWay(sheet: TeamSheet, all: readonly OnItsWay[], round: number, trials: Trials): TeamSheet {
  const unseen = all.filter(
    (o) => (o.asOf ?? Infinity) > sheet.asOf && o.entry.team === sheet.team && o.entry.round === round,
  )
  if (unseen.length === 0) return sheet
  const next = structuredClone(sheet)
  const struck = struckBy(unseen.map((o) => o.entry))
  for (const line of next.log) {
    const stands = !struck.has(line.entry) && line.strikes.every((strike) => struck.has(strike))
    if (stands === line.struck) setStruck(next, line, stands)
  }
  // What is not in this sheet's log is known by its id alone.
  next.trials = next.trials.filter((t) => !struck.has(t.entry))

  for (const { entry, asOf } of unseen) {
    if (entry.kind === 'struckOut') continue
    const says = asOf === undefined ? `${entryWords(entry)}, not sent yet` : entryWords(entry)
    const { id, at, by } = entry
    const stands = !struck.has(id)
    const line: JudgeLogLine = {
      entry: id,
      at,
      by,
      says,
      struck: !stands,
      why: '',
      mayStrike: true,
      strikes: [],
      what: entry,
    }
    next.log.unshift(line)
    if (stands) add(next, entry, says)
  }
  const strikes = new Map<string, EntryOf<'struckOut'>[]>()
  for (const { entry } of unseen)
    if (entry.kind === 'struckOut') strikes.set(entry.entry, [...(strikes.get(entry.entry) ?? []), entry])
  for (const line of next.log) sayStrikes(line, strikes.get(line.entry) ?? [], struck)
  for (const part of next.parts)
    part.twice = part.twice
      .map((given) => given.filter((answer) => !answer.entries.every((entry) => struck.has(entry))))
      .filter((given) => given.length > 1)
  // Only one team's sheet comes with its log; in the others what was said before is known by what came of it alone.
  const whole = sheet.log.length > 0
  next.designs = designsOf(next, whole)
  for (const design of next.designs) lookAgain(next, design, trials, whole)
  for (const { entry } of unseen) forgetWhatBecame(next, entry)
  next.settled = next.rules.every((r) => r.when === 'everyAttempt' || (r.state !== 'toCheck' && !r.tooNear))
  next.ready = next.settled && next.once.every((o) => o.shown !== '')
  return next
}

/** What became of an attempt is the core's to say again, once it has heard more of it. */
function forgetWhatBecame(sheet: TeamSheet, entry: Entry) {
  if (entry.kind !== 'ruleChecked' && entry.kind !== 'trialRecorded') return
  for (const t of sheet.trials) if (t.attempt === entry.attempt && t.design === entry.design) t.became = ''
}

/** What some entries cross out; a later strike can cross out an earlier one, which then strikes nothing. */
function struckBy(entries: readonly Entry[]) {
  const struck = new Set<string>()
  for (const entry of entries.toReversed())
    if (entry.kind === 'struckOut' && !struck.has(entry.id)) struck.add(entry.entry)
  return struck
}

/** What strikes a line out, with what waits: who takes it back strikes that out. */
function sayStrikes(line: JudgeLogLine, fresh: readonly EntryOf<'struckOut'>[], struck: ReadonlySet<string>) {
  const last = fresh.filter((s) => !struck.has(s.id)).at(-1)
  line.strikes = [...line.strikes, ...fresh.map((s) => s.id)].filter((strike) => !struck.has(strike))
  line.why = line.struck ? (last?.reason ?? line.why) : ''
  line.struckAt = line.struck ? (last?.at ?? line.struckAt) : null
}

/** An entry of the log goes or comes back, and with it what it had said. */
function setStruck(sheet: TeamSheet, line: JudgeLogLine, stands: boolean) {
  line.struck = !stands
  if (!line.what) return
  if (isAnswer(line.what)) return layAgain(sheet, line.what.part)
  if (stands) add(sheet, line.what, line.says)
  else takeBack(sheet, line.what)
  const order = new Map(sheet.log.map((l, i) => [l.entry, i]))
  sheet.trials.sort((a, b) => (order.get(b.entry) ?? 0) - (order.get(a.entry) ?? 0))
}

/** The entries of a kind that stand, the oldest first. */
const standing = (sheet: TeamSheet): Entry[] =>
  sheet.log
    .filter((line): line is JudgeLogLine & { what: Entry } => !line.struck && !!line.what)
    .map((line) => line.what)
    .reverse()
const ofKind = <K extends Entry['kind']>(sheet: TeamSheet, kind: K) =>
  standing(sheet).filter((e): e is EntryOf<K> => e.kind === kind)

/** What an entry had said goes, and what stood before it comes back. */
function takeBack(sheet: TeamSheet, entry: Entry) {
  if (entry.kind === 'ruleChecked') return check(sheet, entry)
  if (entry.kind === 'trialRecorded') sheet.trials = sheet.trials.filter((t) => t.entry !== entry.id)
  if (sheet.cleared === entry.id) sheet.cleared = null
  if (sheet.late === entry.id) sheet.late = null
  if (entry.kind === 'measureRead') {
    const before = ofKind(sheet, 'measureRead').findLast((e) => e.reading.measure === entry.reading.measure)
    for (const o of sheet.once) if (o.measure === entry.reading.measure) o.shown = before?.reading.typed ?? ''
  }
}

/** Lays everything on a part again that was answered to it and stands. */
function layAgain(sheet: TeamSheet, id: string) {
  const part = sheet.parts.find((p) => p.id === id)
  if (!part) return
  part.answers = {}
  part.sequence = []
  part.pieces = []
  for (const entry of standing(sheet)) if (isAnswer(entry) && entry.part === id) layAnswer(part, entry, sheet.team)
}

function add(sheet: TeamSheet, entry: Entry, says: string) {
  switch (entry.kind) {
    case 'trialRecorded':
      return addTrial(sheet, entry, says)
    case 'designNoted':
      return
    case 'ruleChecked':
      return check(sheet, entry)
    case 'measureRead':
      for (const o of sheet.once) if (o.measure === entry.reading.measure) o.shown = entry.reading.typed
      return
    case 'planCleared':
      sheet.cleared = entry.id
      return
    case 'cameLate':
      sheet.late = entry.id
      return
    default:
      if (!isAnswer(entry)) return
      for (const part of sheet.parts) if (part.id === entry.part) layAnswer(part, entry, sheet.team)
  }
}

/** How a rule stands by the last word of each who looked: where they differ, it is still to check. */
function stateOf(sheet: TeamSheet, rule: string, of?: { attempt: number; design: string }) {
  const last = new Map(
    ofKind(sheet, 'ruleChecked')
      .filter((e) => e.rule === rule && (of ? e.attempt === of.attempt && [of.design, ''].includes(e.design) : true))
      .map((e) => [e.by, e.met]),
  )
  const words = new Set(last.values())
  return words.size !== 1 ? 'toCheck' : words.has(true) ? 'met' : 'missed'
}

function check(sheet: TeamSheet, { rule, attempt }: EntryOf<'ruleChecked'>) {
  // What is said of an attempt stands beside the attempts, which look for it once they are all there.
  if (typeof attempt === 'number') return
  for (const r of sheet.rules) if (r.id === rule) r.state = stateOf(sheet, rule)
}

/** How an attempt ended as far as its judge said; what it missed only the core knows. */
const endOf = { counted: 'counts', failed: 'failed', void: 'void', waiting: 'waiting' } as const

function addTrial(sheet: TeamSheet, entry: EntryOf<'trialRecorded'>, shown: string) {
  if (entry.purpose !== 'score') return
  const { id, outcome, revision, readings, leaves, by, design, attempt } = entry
  sheet.trials.push({
    entry: id,
    attempt: attempt ?? null,
    outcome,
    shown,
    revision,
    readings,
    leaves,
    by,
    design,
    twice: false,
    spread: '',
    end: leaves.length > 0 ? 'waiting' : endOf[outcome],
    became: '',
  })
}

/**
 * The team's designs, in the order in which they were first tried, then those that are only noted; a nameless one where
 * there is none.
 */
function designsOf(sheet: TeamSheet, whole: boolean): SheetDesign[] {
  const tried = sheet.trials.map((t) => t.design)
  const known = whole ? [] : sheet.designs.map((d) => d.name).filter((name) => name !== '')
  const noted = ofKind(sheet, 'designNoted').map((e) => e.design)
  const first = [...tried, ...known]
  return [...new Set([...(first.length > 0 ? first : ['']), ...noted])].map(
    (name) =>
      sheet.designs.find((d) => d.name === name) ?? {
        name,
        called: name,
        revision: 1,
        freshBuild: false,
        changed: '',
        labels: {},
        open: [],
        counts: false,
        asked: [],
      },
  )
}

/** Whether one judge counts an attempt and another says that it failed, each by the last word. */
function differ(trials: readonly SheetTrial[]) {
  const words = [...new Map(trials.map((t) => [t.by, t.outcome])).values()]
  return words.includes('counted') && words.includes('failed')
}

/** Measures of an attempt that its judges left to each other and nobody has read. */
export const unreadOf = (trials: readonly SheetTrial[]) => {
  const read = new Set(trials.flatMap((t) => t.readings.map((r) => r.measure)))
  return [...new Set(trials.flatMap((t) => t.leaves))].filter((measure) => !read.has(measure))
}

/** Whether an attempt is more than waiting: its last trial says how it ended, or judges differ on that. */
const isLookedAt = (trials: readonly SheetTrial[]) =>
  differ(trials) ||
  (trials.at(-1)?.outcome !== 'waiting' && !(trials.at(-1)?.outcome === 'counted' && unreadOf(trials).length > 0))

/** Whether an attempt failed: its last trial says so, and judges do not differ on that. */
const hasFailed = (trials: readonly SheetTrial[]) => trials.at(-1)?.outcome === 'failed' && !differ(trials)

/** How many attempts a team has used with all its designs. */
const usedOf = (trials: readonly SheetTrial[]) =>
  new Set(trials.flatMap((t) => (typeof t.attempt === 'number' ? [`${t.attempt} ${t.design}`] : []))).size

/**
 * Looks at a design's trials again: which attempts are open, whether a fresh build is due, what is asked of each
 * attempt.
 */
function lookAgain(sheet: TeamSheet, design: SheetDesign, trials: Trials, whole: boolean) {
  const own = sheet.trials.filter((t) => t.design === design.name)
  const notes = ofKind(sheet, 'designNoted').filter((e) => e.design === design.name)
  const before = whole || design.freshBuild ? 1 : design.revision
  const last = Math.max(before, ...own.map((t) => t.revision), ...notes.slice(-1).map((e) => e.revision))
  design.changed = notes.findLast((n) => n.changed)?.changed ?? (whole ? '' : design.changed)
  design.called = notes.findLast((n) => n.called)?.called ?? (whole ? design.name : design.called)
  design.labels = notes.findLast((n) => Object.keys(n.labels).length > 0)?.labels ?? (whole ? {} : design.labels)
  const failed = Math.max(0, ...own.filter((t) => t.outcome === 'failed').map((t) => t.revision))
  design.freshBuild = trials.freshBuildAfterFailure && failed >= last
  design.revision = design.freshBuild ? failed + 1 : last

  const made = [...new Set(own.flatMap((t) => (typeof t.attempt === 'number' ? [t.attempt] : [])))].sort(
    (a, b) => a - b,
  )
  const left = trials.attemptsFor === 'team' ? Math.max(0, trials.attempts - usedOf(sheet.trials)) : trials.attempts
  design.open = Array.from({ length: trials.attempts }, (_, i) => i + 1)
    .filter((n) => !made.includes(n))
    .slice(0, left)
  const looked = made
    .map((n) => ({ n, of: own.filter((t) => t.attempt === n) }))
    .filter(({ of }) => isLookedAt(of) && !(sheet.passedOrNot && hasFailed(of)))
    .map(({ n }) => n)
  const earlier = whole ? [] : design.asked
  design.asked = looked.flatMap((attempt) =>
    sheet.rules
      .filter((r) => r.asked)
      .map(({ id: rule }) => {
        const was = earlier.find((a) => a.attempt === attempt && a.rule === rule)?.state
        const now = stateOf(sheet, rule, { attempt, design: design.name })
        return { attempt, rule, state: now === 'toCheck' ? (was ?? now) : now }
      }),
  )
}
