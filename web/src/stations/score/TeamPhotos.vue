<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed, ref } from 'vue'
import { useWho } from '@/access/useWho'
import { api } from '@/api/client'
import type { JudgeRallyView } from '@/api/names'
import AskRemoval from '@/shared/AskRemoval.vue'
import PhotoStrip from '@/shared/PhotoStrip.vue'
import { usePhotos } from '@/shared/usePhotos'
import { usePhotoQueue } from '@/shared/usePhotoQueue'
import WaitingPhoto from '@/log/WaitingPhoto.vue'
import { done } from '@/shared/useDone'

/** Photos of what the team made: from the camera or a file. */
const props = defineProps<{ rally: JudgeRallyView; team: string; round: number }>()
const photos = usePhotos(props.rally.id)
const queue = usePhotoQueue(props.rally.id, photos.load)
const isMine = (p: { team: string; round: number }) => p.team === props.team && p.round === props.round
const mine = computed(() => photos.all.value.filter(isMine))
const waiting = computed(() => queue.waiting.value.filter(isMine))
const busy = ref(false)
const { who, isTeacher } = useWho()
const removing = ref<string>()

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (!file) return
  busy.value = true
  await queue.take(props.team, props.round, file)
  busy.value = false
  input.value = ''
}
async function remove() {
  const photo = removing.value
  if (!photo) return
  await done(api.DELETE('/api/rallies/{id}/photos/{photo}', { params: { path: { id: props.rally.id, photo } } }))
  await photos.load()
}
</script>

<template>
  <section v-if="photos.mayTake.value || mine.length > 0" aria-labelledby="photos">
    <h3 id="photos">Photos</h3>
    <PhotoStrip :photos="mine" :rally="rally.id">
      <template #default="{ photo }">
        <PadButton
          v-if="isTeacher || photo.by === who?.name"
          label="Delete photo"
          variant="outlined"
          severity="danger"
          @click="removing = photo.id"
        />
      </template>
    </PhotoStrip>
    <AskRemoval
      v-model="removing"
      what="this photo"
      goes="The photo, from this rally."
      back="The teacher can restore it for 30 days."
      @yes="remove"
    />
    <ul v-if="waiting.length > 0">
      <WaitingPhoto v-for="p in waiting" :key="p.id" :photo="p" @drop="queue.drop(p.id)" />
    </ul>
    <p v-if="photos.workOnly.value.includes(team)" class="heed small">
      Somebody in this team may not be in a photo. Photograph the work alone.
    </p>
    <label v-if="photos.mayTake.value" class="take">
      <input class="out-of-sight" type="file" accept="image/*" capture="environment" :disabled="busy" @change="take" />
      <span>{{ busy ? 'Saving…' : 'Take a photo' }}</span>
    </label>
    <p class="small muted">Of the work, not of faces. It stays on this computer; place and time are removed from it.</p>
  </section>
</template>

<style scoped>
h3 {
  color: var(--lagoon-deep);
}
.take {
  position: relative;
  display: inline-grid;
  place-items: center;
  min-height: var(--touch);
  padding: 0 var(--space-5);
  border: 1.5px solid var(--lagoon);
  color: var(--lagoon-deep);
  font-weight: 600;
  cursor: pointer;
  margin: var(--space-3) 0;
}
.take:focus-within {
  outline: 3px solid var(--marigold);
  outline-offset: 2px;
}
</style>
