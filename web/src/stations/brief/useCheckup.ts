import { ref, type Ref } from 'vue'
import { api, ask } from '@/api/client'
import type { Brief, BriefCheckup, Problem } from '@/api/names'
import { latest } from '@/shared/latest'

/** What the core says of a brief that stands on no shelf: one that is run, or one as a tier has it. */
export function useCheckup(brief: Readonly<Ref<Brief | undefined>>) {
  const checkup = ref<BriefCheckup>()
  const problems = ref<readonly Problem[]>([])
  const newest = latest((body: Brief) => ask(api.POST('/api/drafts/check', { body })))
  async function check() {
    const answer = brief.value && (await newest(brief.value))
    if (!answer) return
    if (answer.ok) checkup.value = answer.data
    problems.value = answer.ok ? answer.data.problems : answer.offline ? problems.value : answer.refusal.problems
  }
  return { checkup, problems, check }
}
