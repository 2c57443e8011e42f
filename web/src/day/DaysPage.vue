<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, refusalOf } from '@/api/client'
import LoadNote from '@/shared/LoadNote.vue'
import RefusalNote from '@/shared/RefusalNote.vue'
import StationHead from '@/shared/StationHead.vue'
import DayLeaf from '@/shared/DayLeaf.vue'
import { shortDay } from '@/shared/days'
import { useLoad } from '@/shared/useLoad'
import { useRefusal } from '@/fields/useRefusal'
import { singly } from '@/shared/singly'

/** The fair days. */
const router = useRouter()
const days = useLoad(() => ask(api.GET('/api/days')))
void days.load()
const name = ref('')
const date = ref(new Date().toLocaleDateString('sv'))
const refusal = useRefusal(() => ({ name: name.value, date: date.value }))
async function make() {
  const answer = await ask(
    api.POST('/api/days', {
      body: { name: name.value, date: date.value, slots: [], listOnBoard: false },
    }),
  )
  refusal.value = refusalOf(answer, 'What you typed is still here. Try again.')
  if (answer.ok) await router.push(`/days/${answer.data.id}`)
}
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead
      title="Fair days"
      word="fair day"
      next="Several classes on one day: one page for the helpers, one code, one rotating board."
    />
    <LoadNote
      v-if="!days.data.value"
      :state="days.state.value"
      :refusal="days.refusal.value"
      what="the days"
      @again="days.load"
    />
    <template v-else>
      <ul v-if="days.data.value.length > 0">
        <li v-for="d in days.data.value" :key="d.id">
          <DayLeaf :day="d.date" :label="shortDay(d.date)" />
          <p>
            <RouterLink class="title" :to="`/days/${d.id}`">{{ d.name }}</RouterLink>
            <span class="small muted block">{{ d.rallies === 1 ? '1 rally' : `${d.rallies} rallies` }}</span>
          </p>
        </li>
      </ul>
      <section aria-labelledby="fair">
        <h2 id="fair">New fair</h2>
        <p class="muted">Choose a brief and the classes; all rallies are begun at once.</p>
        <Button as="router-link" to="/days/new" label="Begin a fair" class="touch" />
      </section>
      <form novalidate @submit.prevent="singly(make)">
        <h2>Fair day from existing rallies</h2>
        <p>
          <input v-model="name" class="inline" aria-label="Name" maxlength="80" placeholder="name" />
          on <input v-model="date" class="inline" type="date" aria-label="Date" />
        </p>
        <RefusalNote :refusal="refusal" />
        <Button type="submit" label="Create fair day" variant="outlined" class="touch" />
      </form>
    </template>
  </main>
</template>

<style scoped>
li {
  display: flex;
  align-items: center;
  gap: var(--space-5);
  padding: var(--space-3) 0;
  border-bottom: var(--rule);
}
.title {
  font-weight: 700;
}
.block {
  display: block;
}
section,
form {
  display: grid;
  gap: var(--space-4);
  justify-items: start;
  padding-top: var(--space-5);
}
</style>
