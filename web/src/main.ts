import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import '@fontsource-variable/bricolage-grotesque/wght.css'
import '@fontsource/andika/latin-400.css'
import '@fontsource/andika/latin-700.css'
import PrimeVue from 'primevue/config'
import { createApp } from 'vue'
import App from './App.vue'
import '@/look/base.css'
import '@/look/tokens.css'
import { router } from './router'
import { askEarly } from '@/api/early'
import { firstAsked } from '@/shared/firstAsked'
import { keepPage } from '@/shared/keptPage'

const first = router.resolve(location.pathname + location.search)
if (!first.meta.open) void askEarly('/api/who', firstAsked(first))
createApp(App).use(router).use(PrimeVue).mount('#app')
keepPage()
