import { ref } from 'vue'

/** Whose page it is, said in the bar on top where a second line would push the pad out of sight; empty elsewhere. */
export const barName = ref('')
