<script setup lang="ts">
import { onErrorCaptured, ref } from 'vue'
import { useRouter } from 'vue-router'
import KeysHelp from './shared/KeysHelp.vue'
import UnexpectedPage from './pages/UnexpectedPage.vue'

const wrong = ref<unknown>()
onErrorCaptured((error) => {
  wrong.value = error
})
useRouter().onError((error) => (wrong.value = error))
</script>

<template>
  <a class="skip" href="#main">Skip to the page</a>
  <UnexpectedPage v-if="wrong" :error="wrong" />
  <RouterView v-else />
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
</style>
