<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { ref, useId, watch } from 'vue'
import { api, ask } from '@/api/client'
import type { Problem } from '@/api/names'

/** A password: shown if that is wanted; a new one with how hard it is to guess. */
const props = defineProps<{ label: string; fresh?: boolean; problem?: Problem }>()
const password = defineModel<string>({ required: true })
const id = useId()
const shown = ref(false)
const strength = ref<number>()
const words = ['very easy to guess', 'easy to guess', 'could be better', 'good', 'very good']
const check = useDebounceFn(async () => {
  const answer = await ask(api.POST('/api/password/strength', { body: { password: password.value } }))
  strength.value = answer.ok && password.value ? answer.data.strength : undefined
}, 300)
watch(password, () => props.fresh && void check())
</script>

<template>
  <label :for="id">{{ label }}</label>
  <input
    :id="id"
    v-model="password"
    class="touch-field"
    :type="shown ? 'text' : 'password'"
    :autocomplete="fresh ? 'new-password' : 'current-password'"
    spellcheck="false"
    :aria-invalid="!!problem"
  />
  <label class="show small"><input v-model="shown" type="checkbox" /> Show password</label>
  <p v-if="fresh && strength !== undefined" class="small strength" role="status">
    <meter min="0" max="4" low="2" high="3" optimum="4" :value="strength" aria-hidden="true"></meter>
    It is {{ words[strength] }}.
  </p>
  <p v-if="problem" class="wrong small" role="alert">{{ problem.what }} {{ problem.remedy }}</p>
</template>

<style scoped>
.show {
  display: inline-flex;
  align-items: center;
  gap: var(--space-3);
  font-weight: 400;
}
.strength {
  display: flex;
  align-items: center;
  gap: var(--space-3);
}
</style>
