<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, useId, watch } from 'vue'
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

/** What was wrong with one password says nothing of the next that is typed. */
const refused = ref<string>()
watch(
  () => props.problem,
  (problem) => (refused.value = problem && password.value),
  { immediate: true },
)
const wrong = computed(() => (password.value === refused.value ? props.problem : undefined))
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
    :aria-invalid="!!wrong"
  />
  <label class="show small"><input v-model="shown" type="checkbox" /> Show it</label>
  <p v-if="fresh && strength !== undefined" class="small strength" role="status">
    <meter min="0" max="4" low="2" high="3" optimum="4" :value="strength" aria-hidden="true"></meter>
    It is {{ words[strength] }}.
  </p>
  <p v-if="wrong" class="wrong small" role="alert">{{ wrong.what }} {{ wrong.remedy }}</p>
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
