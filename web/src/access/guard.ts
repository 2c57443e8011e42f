import type { RouteLocationNormalized } from 'vue-router'
import { pageOf } from './pageOf'
import { askWho, useWho } from './useWho'

/** The stations that the code of a judge or a helper opens. */
const judges = ['score', 'together', 'typing']

/** Leads a device to what it may see, or to where it can come in. The server refuses everything else in any case. */
export async function guard(to: RouteLocationNormalized, from: RouteLocationNormalized) {
  if (to.meta.open) return true
  // From team to team nobody is asked: it is the same station, and the line may be slow or gone.
  if (to.meta.station && to.meta.station === from.meta.station && to.params.rally === from.params.rally) return true
  const { who } = useWho()
  const now = who.value?.role === 'teacher' ? who.value : await askWho()
  // Without a connection there is nobody to ask; what was kept on this device can be shown.
  if (!now || now.role === 'teacher') return true
  // Which rallies of a fair day a device may see is the server's to say.
  if (to.meta.station === 'day' && now.rallies.length > 0) return true
  const rally = now.rallies.find((r) => r.rally === to.params.rally) ?? (to.path === '/' ? now.rallies[0] : undefined)
  if (!rally) return { path: '/sign-in', query: { to: to.fullPath } }
  const station = String(to.meta.station)
  const may = { wall: ['wall'], team: ['talk'] }[String(rally.role)] ?? judges
  return may.includes(station) ? true : pageOf(rally)
}
