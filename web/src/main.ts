import '@fontsource/source-sans-3/latin-400.css'
import '@fontsource/source-sans-3/latin-600.css'
import '@fontsource/source-serif-4/latin-400.css'
import './reset.css'
import 'vuetify/styles'
import './look.css'
import { speak } from './words'

// The language first: lists of words beside the screens are made when these are loaded.
await speak()
const { begin } = await import('./begin')
begin()
