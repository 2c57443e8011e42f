<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import KeyRow from './KeyRow.vue'

/** The fractions of a ruler's step; one takes the place of another, and the whole number stays. */
defineProps<{ fractions: readonly string[] }>()
const typed = defineModel<string>({ required: true })
const put = (fraction: string) => {
  const whole = typed.value.trim().replace(/(^|\s)\d+\/\d+$/, '')
  typed.value = whole ? `${whole} ${fraction}` : fraction
}
</script>

<template>
  <KeyRow label="Fractions">
    <PadButton v-for="f in fractions" :key="f" type="button" :label="f" variant="outlined" @click="put(f)" />
  </KeyRow>
</template>
