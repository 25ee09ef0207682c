import { createApp } from 'vue'
import App from './App.vue'
import { look } from './look'
import { stations } from './stations'
import { i18n } from './words'

/** Puts the application on the page. */
export function begin() {
  createApp(App).use(i18n).use(look).use(stations).mount('#app')
}
