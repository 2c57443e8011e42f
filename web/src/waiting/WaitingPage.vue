<script setup lang="ts">
import { ref, watch } from 'vue'
import { entryWords } from '@/log/entryWords'
import RefusedLines from '@/log/RefusedLines.vue'
import WaitingPhoto from '@/log/WaitingPhoto.vue'
import type { JudgeRallyView } from '@/api/names'
import { deviceStore, keeps, type Unsent } from '@/shared/deviceStore'
import StationHead from '@/shared/StationHead.vue'
import { waitingHere } from './waitingHere'

/** What this device has recorded and the server does not have yet, rally by rally. */
const known = ref<readonly JudgeRallyView[]>([])
watch(
  waitingHere,
  async () => (known.value = (await (await deviceStore())?.getAll('rallies'))?.map((kept) => kept.data) ?? []),
  { immediate: true },
)
const rallyOf = (id: string) => known.value.find((r) => r.id === id)
const whose = (rally: string, { entry }: Unsent) => {
  const of = rallyOf(rally)
  const team = [...(of?.teams ?? []), ...(of?.references ?? [])].find((t) => t.id === entry.team)?.name
  return team ? `${team}: ` : entry.team ? '' : 'The class: '
}
</script>

<template>
  <main id="main" class="walk">
    <StationHead
      title="Waiting on this device"
      :next="
        waitingHere.length > 0
          ? 'It is sent automatically, in its order, when Plucky Rally can be reached.'
          : 'Nothing is waiting. Everything recorded on this device has been sent.'
      "
    />
    <p v-if="!keeps" class="heed">
      <b>This device cannot keep anything by itself.</b> Leave this window open until nothing waits.
    </p>
    <section v-for="{ rally, outbox, photos } in waitingHere" :key="rally" :aria-labelledby="rally">
      <h2 :id="rally">{{ rallyOf(rally)?.name ?? 'A rally' }}</h2>
      <p v-if="outbox.shutOut.value" class="heed">
        This device is not let in any more. <RouterLink to="/join">Join with a code</RouterLink> to send it.
      </p>
      <p v-else-if="outbox.stumbles.value" class="heed">
        {{ outbox.stumbles.value.title }} {{ outbox.stumbles.value.detail }}
      </p>
      <RefusedLines
        :refused="outbox.unsent.value.filter((u) => u.refusal)"
        :outbox="outbox"
        :whose="(u) => whose(rally, u)"
      />
      <ul>
        <li v-for="u in outbox.unsent.value.filter((w) => !w.refusal)" :key="u.entry.id">
          {{ whose(rally, u) }}{{ entryWords(u.entry) }}{{ u.entry.by ? `, by ${u.entry.by}` : '' }}
        </li>
        <WaitingPhoto v-for="p in photos.waiting.value" :key="p.id" :photo="p" @drop="photos.drop(p.id)" />
      </ul>
    </section>
  </main>
</template>

<style scoped>
section {
  margin-top: var(--space-6);
}
li {
  padding: var(--space-2) 0;
  border-bottom: var(--rule);
  overflow-wrap: anywhere;
}
</style>
