import type { AnswersOnWalk, Entry, TeamSheet, Trials } from '../../api/names'
import { entryWords } from '../../shared/entryWords'
import type { OnItsWay } from '../../shared/useOutbox'

/**
 * A team's sheet with what this device has recorded and the sheet has not seen, so that a judge goes on without a connection:
 * what was answered and which attempts are open, never points or places.
 */
export function withOnItsWay(sheet: TeamSheet, all: readonly OnItsWay[], round: number, trials: Trials): TeamSheet {
  const unseen = all.filter(
    (o) => (o.asOf ?? Infinity) > sheet.asOf && o.entry.team === sheet.team && o.entry.round === round,
  )
  if (unseen.length === 0) return sheet
  const struck = new Set(unseen.map(({ entry }) => (entry.kind === 'struckOut' ? entry.entry : '')))
  const next = structuredClone(sheet)
  for (const { entry, asOf } of unseen) {
    if (entry.kind === 'struckOut') {
      strike(next, entry.entry)
      continue
    }
    const says = asOf === undefined ? `${entryWords(entry)}, not sent yet` : entryWords(entry)
    if (!struck.has(entry.id)) add(next, entry, says, trials)
    next.log.unshift({
      entry: entry.id,
      at: entry.at,
      by: '',
      says,
      struck: struck.has(entry.id),
      why: '',
      mayStrike: true,
    })
  }
  return next
}

function strike(sheet: TeamSheet, id: string) {
  for (const line of sheet.log) if (line.entry === id) line.struck = true
  if (sheet.cleared === id) sheet.cleared = null
  if (sheet.late === id) sheet.late = null
  const trial = sheet.trials.find((t) => t.entry === id)
  if (!trial) return
  sheet.trials = sheet.trials.filter((t) => t !== trial)
  const others = sheet.trials.filter((t) => t.design === trial.design)
  const design = sheet.designs.find((d) => d.name === trial.design)
  if (!design) return
  const { attempt, revision } = trial
  if (typeof attempt === 'number' && others.every((t) => t.attempt !== attempt))
    design.open = [...design.open, attempt].sort((a, b) => a - b)
  const failed = others.some((t) => t.outcome === 'failed' && t.revision >= revision)
  if (design.freshBuild && trial.outcome === 'failed' && !failed) {
    design.freshBuild = false
    design.revision = revision
  }
}

function add(sheet: TeamSheet, entry: Entry, says: string, trials: Trials) {
  switch (entry.kind) {
    case 'trialRecorded':
      return addTrial(sheet, entry, says, trials)
    case 'designNoted':
      return designOf(sheet, entry.design, trials)
    case 'ruleChecked':
      return check(sheet, entry, trials)
    case 'measureRead':
      for (const o of sheet.once) if (o.measure === entry.reading.measure) o.shown = entry.reading.typed
      return
    case 'planCleared':
      sheet.cleared = entry.id
      return
    case 'cameLate':
      sheet.late = entry.id
      return
    default: {
      const part = 'part' in entry && sheet.parts.find((p) => p.id === entry.part)
      if (part) answer(part, entry, sheet.team)
    }
  }
}

function check(sheet: TeamSheet, entry: Extract<Entry, { kind: 'ruleChecked' }>, trials: Trials) {
  const state = entry.met ? 'met' : 'missed'
  if (typeof entry.attempt !== 'number') {
    for (const r of sheet.rules) if (r.id === entry.rule) r.state = state
    return
  }
  for (const a of designOf(sheet, entry.design, trials).asked)
    if (a.rule === entry.rule && a.attempt === entry.attempt) a.state = state
}

function addTrial(sheet: TeamSheet, entry: Extract<Entry, { kind: 'trialRecorded' }>, shown: string, trials: Trials) {
  if (entry.purpose !== 'score') return
  const { id, outcome, revision, readings } = entry
  const attempt = entry.attempt ?? null
  const of = { design: entry.design, by: '', twice: false, spread: '' }
  sheet.trials.push({ entry: id, attempt, outcome, shown, revision, readings, ...of })
  const design = designOf(sheet, entry.design, trials)
  design.open = design.open.filter((n) => n !== attempt)
  if (attempt !== null && outcome !== 'waiting' && design.asked.every((a) => a.attempt !== attempt))
    for (const r of sheet.rules) if (r.asked) design.asked.push({ attempt, rule: r.id, state: 'toCheck' })
  if (outcome !== 'void' && revision >= design.revision) {
    design.freshBuild = trials.freshBuildAfterFailure && outcome === 'failed'
    design.revision = design.freshBuild ? revision + 1 : revision
  }
}

/** The design of this name; one that is new here has all its attempts before it. */
function designOf(sheet: TeamSheet, name: string, trials: Trials) {
  const known = sheet.designs.find((d) => d.name === name)
  if (known) return known
  const open = Array.from({ length: trials.attempts }, (_, i) => i + 1)
  const design = { name, revision: 1, freshBuild: false, changed: '', open, counts: false, asked: [] }
  sheet.designs.push(design)
  return design
}

function answer(part: AnswersOnWalk, entry: Entry, team: string) {
  const more = (asked: string, n: number) => (part.answers[asked] = String(Number(part.answers[asked] ?? 0) + n))
  switch (entry.kind) {
    case 'taskTicked':
      return (part.answers[entry.task] = String(entry.steps ?? 1))
    case 'tasksTimed':
      return (part.answers.time = entry.time.typed)
    case 'legTimed':
      return (part.answers[entry.leg] = entry.time.typed)
    case 'relayFaulted':
      return more(entry.fault, entry.count)
    case 'itemsCarried':
      return (part.answers.items = String(entry.count))
    case 'relayStopped':
      return (part.answers.stopped = entry.reason)
    case 'itemsSorted':
      return (part.answers = { ...entry.placed, ...(entry.time ? { time: entry.time.typed } : {}) })
    case 'orderGiven':
      return (part.sequence = entry.sequence)
    case 'piecesCounted':
      return (part.pieces = entry.pieces)
    case 'levelGiven': {
      const others = entry.from !== '' && entry.from !== team
      return (part.answers[others ? `${entry.from}|${entry.criterion}` : entry.criterion] = String(entry.level))
    }
    case 'purchased':
      return more(entry.item, entry.count)
    case 'returned':
      return more(entry.item, -entry.count)
    case 'tallied':
      return more(entry.counter, entry.count)
    default:
      return undefined
  }
}
