import { useEventListener } from '@vueuse/core'
import { nextTick, ref, type Ref } from 'vue'
import { api, ask } from '@/api/client'
import type { Brief, BriefCheckup, Problem } from '@/api/names'
import { provideHalfTyped, type Halves } from '@/fields/halfTyped'
import { provideDependents } from '@/fields/dependents'
import { provideWriting, type Writing } from '@/fields/writing'
import { goTo, provideSnags } from '@/shared/snags'
import { useLoad } from '@/shared/useLoad'
import type { Panel } from './MarginTabs.vue'

/** A brief while somebody writes it: on the shelf, in one of its tiers, or in a rally that is run. */
interface Written {
  brief: Ref<Brief | undefined>
  checkup: Ref<BriefCheckup | undefined>
  problems: Readonly<Ref<readonly Problem[]>>
  halves: Ref<Halves>
  applyChanges: Writing['applyChanges']
  undo: () => void
  redo: () => void
}

/** Which panel of the margin holds the field at a place; the sheet holds the others. */
const holders: readonly (readonly [string, Panel])[] = [
  ['/measures', 'measures'],
  ['/figures', 'measures'],
  ['/summaries', 'measures'],
  ['/method', 'method'],
  ['/tiers', 'tiers'],
  ['/stages', 'stages'],
  ['/teacher', 'teacher'],
]

/**
 * The margin beside the sheet: which panel is open, what the fields of both ask of the brief that is written, and the
 * keys that go back and forward over its steps.
 * @param first The panel that is open at first.
 * @param only The panels that there are; all where it is absent.
 */
export function useMargin(
  { brief, checkup, problems, halves, applyChanges, undo, redo }: Written,
  first: Panel,
  only?: readonly Panel[],
) {
  const panel = ref<Panel>(first)
  const choices = useLoad(() => ask(api.GET('/api/choices')))
  void choices.load()
  async function show(place: string) {
    const holder = holders.find(([start]) => place.startsWith(start))?.[1]
    if (holder && (only?.includes(holder) ?? true)) panel.value = holder
    await nextTick()
    goTo(place)
  }
  useEventListener(document, 'keydown', (event: KeyboardEvent) => {
    if (!(event.ctrlKey || event.metaKey) || event.altKey) return
    const key = event.key.toLowerCase()
    if (key === 'z' && !event.shiftKey) undo()
    else if (key === 'y' || (key === 'z' && event.shiftKey)) redo()
    else return
    event.preventDefault()
  })
  provideSnags(problems)
  provideHalfTyped(halves)
  provideWriting({ brief, checkup, choices: choices.data, applyChanges, goTo: (place) => void show(place) })
  provideDependents((at) => checkup.value?.resting.find((r) => r.at === at)?.names ?? [])
  return { panel }
}
