import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/client'
import { judgingWindow } from '@/api/judgingWindow'
import { done } from '@/shared/useDone'
import { askWho, useWho } from './useWho'

/** The way out: of this device, or of the code that this window came in by. */
export function useSignOut() {
  const { who } = useWho()
  const router = useRouter()
  /** Whether this window came in by a code of its own. */
  const ofWindow = computed(() => !!who.value && judgingWindow.ticket() !== null)
  /** Without devices let in there is nobody to sign out from: this computer is the teacher's. */
  const canSignOut = computed(() => !!who.value?.name && (who.value.lan || ofWindow.value))
  async function signOut() {
    await done(api.POST('/api/sign-out'))
    judgingWindow.leave()
    const now = await askWho()
    await router.push(now?.role === 'teacher' ? '/' : '/sign-in')
  }
  return { signOut, canSignOut, ofWindow }
}
