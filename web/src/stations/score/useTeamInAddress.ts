import { watch, type Ref } from 'vue'
import { useRoute, useRouter, type RouteLocationRaw } from 'vue-router'
import { goingTo } from '@/shared/goingTo'

/**
 * Puts the team that is shown into the address, so that the page opens again with the same team. Whoever has followed
 * a link to another page, or to another rally's pad, is not held back.
 */
export function useTeamInAddress(
  shown: Ref<string>,
  inAddress: () => string | undefined,
  to: (team: string) => RouteLocationRaw,
) {
  const router = useRouter()
  const rally = useRoute().params.rally
  const leaving = () =>
    goingTo.value !== undefined && (goingTo.value.meta.station !== 'score' || goingTo.value.params.rally !== rally)
  watch(shown, (team) => team && !leaving() && inAddress() !== team && void router.replace(to(team)), {
    immediate: true,
  })
}
