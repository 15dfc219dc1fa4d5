import { createPinia } from 'pinia'
import { createApp } from 'vue'
import { prefetch } from './api/http.js'
import App from './App.vue'
import { router } from './router.js'
import { languageHere } from './words/languages.js'
import './styles/base.css'
import './styles/element.css'

// Session, job and the code of the screen are asked for together instead of one after another.
prefetch('/session')
const job = /^\/jobs\/([0-9a-f-]{36})(\/|$)/.exec(location.pathname)?.[1]
if (job) prefetch(`/jobs/${job}?sparse`)

document.documentElement.lang = languageHere()
createApp(App).use(createPinia()).use(router).mount('#app')
