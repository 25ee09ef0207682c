import { t } from '@/words'
import { useStorage } from '@vueuse/core'
import { onBeforeUnmount, onMounted } from 'vue'

/** Every key there is, for the page that lists them. */
export const KEYS = [
  [t('Space'), t('Done, next step')],
  ['T', t('Note a reading')],
  ['N', t('Leave a remark')],
  ['U', t('Undo the last entry or change')],
  ['R', t('Do again what was undone (Fillings)')],
  ['/', t('Find in this list')],
  ['Ctrl+K', t('Find anything')],
  ['?', t('All keys')],
  ['P', t('Paper test (at a bowl)')],
  [t('Alt+1 … 0'), t('Stations')],
] as const

const TYPING = 'input, textarea, select, [contenteditable]'
const PRESSABLE = `${TYPING}, button, a, [role="button"], [role="dialog"]`

/** True where a key belongs to what has the focus: letters to fields, Space to buttons. */
function busy(event: KeyboardEvent): boolean {
  const at = event.target instanceof Element ? event.target : null
  return at !== null && at.closest(event.key === ' ' ? PRESSABLE : TYPING) !== null
}

/** Keys without Ctrl or Alt can be switched off: a sleeve, or a voice, presses them too. */
export const singleKeys = useStorage('palintone single keys', true)

/** Listens for keys while the caller is on screen. Names are those of KeyboardEvent.key, lower case. */
export function useKeys(map: Record<string, () => void>) {
  const listen = (event: KeyboardEvent) => {
    if (!singleKeys.value) return
    if (event.ctrlKey || event.metaKey || event.altKey || event.repeat || busy(event)) return
    if (document.querySelector('.v-overlay--active [role="dialog"], .v-dialog.v-overlay--active')) {
      return
    }
    const action = map[event.key.toLowerCase()]
    if (action) {
      event.preventDefault()
      action()
    }
  }
  onMounted(() => window.addEventListener('keydown', listen))
  onBeforeUnmount(() => window.removeEventListener('keydown', listen))
}

/** Ctrl+K, wherever the focus is. */
export function useFindKey(open: () => void) {
  const listen = (event: KeyboardEvent) => {
    if ((event.ctrlKey || event.metaKey) && !event.altKey && event.key.toLowerCase() === 'k') {
      event.preventDefault()
      open()
    }
  }
  onMounted(() => window.addEventListener('keydown', listen))
  onBeforeUnmount(() => window.removeEventListener('keydown', listen))
}

/** Alt with a digit, wherever the focus is. */
export function useAltDigits(go: (place: number) => void) {
  const listen = (event: KeyboardEvent) => {
    const digit = /^Digit([0-9])$/.exec(event.code)
    if (event.altKey && !event.ctrlKey && digit) {
      event.preventDefault()
      // The tenth is Alt+0.
      go((Number(digit[1]) + 9) % 10)
    }
  }
  onMounted(() => window.addEventListener('keydown', listen))
  onBeforeUnmount(() => window.removeEventListener('keydown', listen))
}
