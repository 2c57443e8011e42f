import { nextTick, ref, type Ref } from 'vue'
import { api, ask } from '@/api/client'
import type { Brief, BriefCheckup, Change, Problem } from '@/api/names'
import { provideHalfTyped, type Halves } from '@/fields/halfTyped'
import { provideDependents } from '@/fields/dependents'
import { provideWriting } from '@/fields/writing'
import { goTo, provideSnags } from '@/shared/snags'
import { useLoad } from '@/shared/useLoad'
import type { Panel } from './MarginTabs.vue'

/** A brief while somebody writes it: on the shelf, or in a rally that is run. */
interface Written {
  brief: Ref<Brief | undefined>
  checkup: Ref<BriefCheckup | undefined>
  problems: Readonly<Ref<readonly Problem[]>>
  halves: Ref<Halves>
  applyChanges: (changes: readonly Change[]) => Promise<void>
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
 * The margin beside the sheet: which panel is open, and what the fields of both ask of the brief that is written.
 * @param first The panel that is open at first.
 * @param only The panels that there are; all where it is absent.
 */
export function useMargin(
  { brief, checkup, problems, halves, applyChanges }: Written,
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
  provideSnags(problems)
  provideHalfTyped(halves)
  provideWriting({ brief, checkup, choices: choices.data, applyChanges, goTo: (place) => void show(place) })
  provideDependents((at) => checkup.value?.resting.find((r) => r.at === at)?.names ?? [])
  return { panel }
}
