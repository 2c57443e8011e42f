<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { refusalOf } from '@/api/client'
import StationHead from '@/shared/StationHead.vue'
import DoorForm from './DoorForm.vue'
import { codeInAddress } from './codeInAddress'
import { join } from './join'
import { pageOf } from './pageOf'
import { useRefusal } from '@/fields/useRefusal'

/** A judge joins one rally: the code, and what the log shall say of who wrote an entry. */
const router = useRouter()
const code = ref(codeInAddress())
const name = useLocalStorage('judge:name', '')
const refusal = useRefusal(() => ({ code: code.value, name: name.value, same: [code.value, name.value] }))
const wrong = (at: string) => computed(() => refusal.value?.problems.find((p) => p.at === at))
const wrongCode = wrong('/code')
const wrongName = wrong('/name')
/** Another device judges under this name; whoever says that it is the same person joins with it. */
const taken = wrong('/same')

async function send(same = false) {
  const answer = await join(code.value, name.value, same)
  refusal.value = refusalOf(answer)
  if (answer.ok) await router.replace(pageOf(answer.data))
}
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead
      title="Join with a code"
      next="A judge records in one rally, and every entry says who it was. A team speaks for itself, and needs no name."
    />
    <DoorForm label="Join" @send="send()">
      <label for="code">The rally’s code</label>
      <input
        id="code"
        v-model="code"
        class="touch-field code"
        autocomplete="off"
        autocapitalize="characters"
        spellcheck="false"
        :aria-invalid="!!wrongCode"
      />
      <p v-if="wrongCode" class="wrong small" role="alert">{{ wrongCode.what }} {{ wrongCode.remedy }}</p>
      <label for="name">Your name</label>
      <input
        id="name"
        v-model="name"
        class="touch-field"
        maxlength="40"
        autocomplete="nickname"
        :aria-invalid="!!wrongName"
      />
      <p v-if="wrongName" class="wrong small" role="alert">{{ wrongName.what }} {{ wrongName.remedy }}</p>
      <div v-if="taken" class="heed" role="alert">
        <p>{{ taken.what }} {{ taken.remedy }}</p>
        <Button type="button" label="Yes, that is me" variant="outlined" @click="send(true)" />
      </div>
      <p v-if="refusal && refusal.problems.length === 0" class="wrong" role="alert">
        {{ refusal.title }} {{ refusal.detail }}
      </p>
    </DoorForm>
  </main>
</template>

<style scoped>
.code {
  font-size: var(--size-number);
  letter-spacing: 0.1em;
  text-transform: uppercase;
}
</style>
