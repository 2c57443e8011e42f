<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import StationHead from '@/shared/StationHead.vue'
import DoorForm from './DoorForm.vue'
import PasswordField from './PasswordField.vue'
import { useRefusal } from '@/fields/useRefusal'

/** The teacher's password is changed; whoever came in with the old one is out. */
const old = ref('')
const next = ref('')
const refusal = useRefusal(() => ({ old: old.value, new: next.value }))
const done = ref(false)
const wrong = (at: string) => computed(() => refusal.value?.problems.find((p) => p.at === at))
const wrongOld = wrong('/old')
const wrongNew = wrong('/new')
async function send() {
  const answer = await ask(api.PUT('/api/password', { body: { old: old.value, new: next.value } }))
  refusal.value = refusalOf(answer)
  done.value = answer.ok
  if (answer.ok) old.value = next.value = ''
}
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead
      title="A new password"
      next="Every other device that signed in with the old one has been signed out."
    />
    <p v-if="done" class="heed" role="status">The new password works from now on.</p>
    <DoorForm label="Change it" @send="send">
      <PasswordField v-model="old" label="Current password" :problem="wrongOld" />
      <PasswordField v-model="next" label="New password, at least 12 characters" fresh :problem="wrongNew" />
      <p v-if="refusal && !wrongOld && !wrongNew" class="wrong" role="alert">
        {{ refusal.title }} {{ refusal.detail }}
      </p>
    </DoorForm>
  </main>
</template>
