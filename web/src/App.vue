<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, defineAsyncComponent, onErrorCaptured, onUnmounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import SkipLinks from '@/frame/SkipLinks.vue'
import TopBar from '@/frame/TopBar.vue'
import { announce, announced } from '@/shared/announce'
import { useGuideBeside } from '@/shared/useGuideBeside'
import DemoBanner from '@/shared/DemoBanner.vue'
import KeysHelp from '@/shared/KeysHelp.vue'
import { keepsDrafts } from '@/shared/keptDraft'
import { keepFocus } from '@/shared/keepFocus'
import { openUpdated } from '@/shared/keptPage'
import NotDone from '@/shared/NotDone.vue'
import UndoNote from '@/shared/UndoNote.vue'
import { useDone } from '@/shared/useDone'
import { useUndo } from '@/shared/useUndo'
import UnexpectedPage from '@/pages/UnexpectedPage.vue'
import { useWaitingHere } from '@/waiting/waitingHere'

/** The guide comes along when it is first opened. */
const GuideBeside = defineAsyncComponent(() => import('@/frame/GuideBeside.vue'))
const { page: guide, roomy } = useGuideBeside()
const wrong = ref<unknown>()
onErrorCaptured((error) => {
  wrong.value = error
})
const router = useRouter()
const route = useRoute()
const beside = computed(() => guide.value && roomy.value && !route.meta.bare && !route.path.startsWith('/guide'))
/** The page that could not be fetched; what is on the screen stays, since there is nothing to put in its place. */
const notOpened = ref('')
let notFetched: unknown
useEventListener(window, 'vite:preloadError', (event: Event & { payload: unknown }) => (notFetched = event.payload))
router.onError(async (error, to, from) => {
  if (error !== notFetched || from.matched.length === 0) wrong.value = error
  else if (!(await openUpdated(to.fullPath))) notOpened.value = to.meta.title ?? 'That page'
})
useWaitingHere()
const { close } = useDone()
const { close: forget } = useUndo()
onUnmounted(keepFocus())
router.afterEach((to, from, failure) => {
  // What is opened first is read out by the browser itself.
  if (!failure && from.matched.length > 0 && to.path !== from.path) announce(to.meta.title ?? 'A new page')
  notOpened.value = ''
  close()
  forget()
})
</script>

<template>
  <SkipLinks />
  <p class="out-of-sight" role="status">{{ announced }}</p>
  <DemoBanner />
  <TopBar v-if="!route.meta.bare" />
  <p v-if="notOpened" class="heed not-opened" role="alert">
    <b>{{ notOpened }} cannot be opened without a connection.</b> What was recorded is safe. Go on here, or try again.
  </p>
  <p v-if="!keepsDrafts" class="heed not-opened" role="alert">
    <b>This browser’s store is full.</b> What you type is kept only as long as this window is open. Save it before you
    close the window.
  </p>
  <UnexpectedPage v-if="wrong" :error="wrong" />
  <RouterView v-else v-slot="{ Component: page, route: shown }">
    <!-- Another rally's, brief's or day's page is another page: nothing of the one before stays in it. -->
    <component :is="page" :key="String(shown.params.rally ?? shown.params.brief ?? shown.params.day ?? '')" />
  </RouterView>
  <GuideBeside v-if="beside" />
  <NotDone />
  <UndoNote />
  <KeysHelp />
</template>

<style scoped>
.not-opened {
  position: sticky;
  top: 0;
  z-index: 5;
}
</style>
