<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, defineAsyncComponent, onErrorCaptured, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import TopBar from '@/frame/TopBar.vue'
import { useGuideBeside } from '@/shared/useGuideBeside'
import DemoBanner from '@/shared/DemoBanner.vue'
import KeysHelp from '@/shared/KeysHelp.vue'
import NotDone from '@/shared/NotDone.vue'
import UndoNote from '@/shared/UndoNote.vue'
import { useDone } from '@/shared/useDone'
import { useUndo } from '@/shared/useUndo'
import UnexpectedPage from '@/pages/UnexpectedPage.vue'

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
router.onError((error, to, from) => {
  if (error === notFetched && from.matched.length > 0) notOpened.value = to.meta.title ?? 'That page'
  else wrong.value = error
})
const { close } = useDone()
const { close: forget } = useUndo()
router.afterEach(() => {
  notOpened.value = ''
  close()
  forget()
})
</script>

<template>
  <a class="skip" href="#main">Skip to the page</a>
  <DemoBanner />
  <TopBar v-if="!route.meta.bare" />
  <p v-if="notOpened" class="heed not-opened" role="alert">
    <b>{{ notOpened }} cannot be opened without a connection.</b> What was recorded is safe. Go on here, or try again.
  </p>
  <UnexpectedPage v-if="wrong" :error="wrong" />
  <RouterView v-else />
  <GuideBeside v-if="beside" />
  <NotDone />
  <UndoNote />
  <KeysHelp />
</template>

<style scoped>
.skip {
  position: absolute;
  left: -10000px;
}
.skip:focus {
  left: 1rem;
  top: 0.5rem;
  z-index: 10;
  background: var(--sheet);
  padding: 0.5rem 1rem;
}
.not-opened {
  position: sticky;
  top: 0;
  z-index: 5;
}
</style>
