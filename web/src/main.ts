import '@fontsource/source-sans-3/latin-400.css'
import '@fontsource/source-sans-3/latin-600.css'
import '@fontsource/source-serif-4/latin-400.css'
import './reset.css'
import 'vuetify/styles'
import './look.css'
import { createApp } from 'vue'
import App from './App.vue'
import { look } from './look'
import { stations } from './stations'

createApp(App).use(look).use(stations).mount('#app')
