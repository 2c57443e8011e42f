import { ref, type Ref } from 'vue'
import { api, ask } from '@/api/client'
import type { Brief, BriefCheckup, Problem } from '@/api/names'

/** What the core says of a brief that stands on no shelf: one that is run, or one as a tier has it. */
export function useCheckup(brief: Readonly<Ref<Brief | undefined>>) {
  const checkup = ref<BriefCheckup>()
  const problems = ref<readonly Problem[]>([])
  async function check() {
    if (!brief.value) return
    const answer = await ask(api.POST('/api/drafts/check', { body: brief.value }))
    if (answer.ok) checkup.value = answer.data
    problems.value = answer.ok ? answer.data.problems : answer.offline ? problems.value : answer.refusal.problems
  }
  return { checkup, problems, check }
}
