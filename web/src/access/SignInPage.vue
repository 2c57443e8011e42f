<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, refusalOf } from '@/api/client'
import { judgingWindow } from '@/api/judgingWindow'
import StationHead from '@/shared/StationHead.vue'
import DoorForm from './DoorForm.vue'
import PasswordField from './PasswordField.vue'
import { askWho, useWho } from './useWho'
import { useRefusal } from '@/fields/useRefusal'

/** The teacher signs in with a password; at the first start it is set here, at the computer itself. */
const { who } = useWho()
// Whoever is sent here in a judge's window is no longer let in by its code; the window is the teacher's again only when
// the teacher says so.
const ofWindow = ref(judgingWindow.ticket() !== null)
void askWho()
async function continueAsTeacher() {
  judgingWindow.leave()
  ofWindow.value = false
  if ((await askWho())?.role === 'teacher') await router.replace('/')
}
const route = useRoute()
const router = useRouter()
const password = ref('')
const refusal = useRefusal(() => ({ password: password.value }))
const wrong = computed(() => refusal.value?.problems.find((p) => p.at === '/password'))
const first = computed(() => who.value && !who.value.hasPassword)
const title = computed(() => (ofWindow.value ? 'The code has ended' : first.value ? 'Set a password' : 'Sign in'))
const hint = computed(() => {
  if (ofWindow.value) return 'Continue as the teacher, or join again with a new code.'
  return first.value
    ? 'Classroom devices can connect. Anyone who wants to change something needs this password.'
    : 'Enter the teacher’s password to use Plucky Rally on this device.'
})

async function send() {
  const body = { password: password.value }
  const answer = first.value
    ? await ask(api.POST('/api/password', { body }))
    : await ask(api.POST('/api/sign-in', { body }))
  refusal.value = refusalOf(answer)
  if (!answer.ok) return
  await askWho()
  await router.replace(String(route.query.to ?? '/'))
}
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead :title="title" :next="hint" />
    <p v-if="ofWindow"><Button label="Continue as the teacher" @click="continueAsTeacher" /></p>
    <p v-else-if="first && !who?.here">
      The password is set at the computer that Plucky Rally runs on. Open it there first, then come back.
    </p>
    <DoorForm v-else :label="first ? 'Set password and sign in' : 'Sign in'" @send="send">
      <PasswordField
        v-model="password"
        :label="first ? 'A password, at least 12 characters' : 'The teacher’s password'"
        :fresh="!!first"
        :problem="wrong"
      />
      <p v-if="first" class="small muted">
        A few words are easy to remember. It is stored scrambled on this computer; nobody can read it back.
      </p>
      <p v-if="refusal && !wrong" class="wrong" role="alert">{{ refusal.title }} {{ refusal.detail }}</p>
    </DoorForm>
    <p>Judge? <RouterLink to="/join">Join with the code of the rally</RouterLink></p>
  </main>
</template>
