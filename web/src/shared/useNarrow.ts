import { useMediaQuery } from '@vueuse/core'

/** Whether the page is as narrow as a phone. Styles say the same width. */
export const useNarrow = () => useMediaQuery('(max-width: 700px)')
