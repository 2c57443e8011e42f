import { useMediaQuery, useSessionStorage } from '@vueuse/core'

/** The page of the guide that is open beside the work; empty while none is. */
const page = useSessionStorage('guide-beside', '')
/** Whether there is room for it; where there is none, the guide is a page of its own. */
const roomy = useMediaQuery('(min-width: 1200px)')

export const useGuideBeside = () => ({ page, roomy })
