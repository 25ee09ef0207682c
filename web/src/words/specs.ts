// For specs: components on their own know the words, as on the page. All specs of a worker share one
// document, which each finds as the first did.
import { config, disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils'
import { afterAll, afterEach, vi } from 'vitest'
import { i18n } from '.'

config.global.plugins = [i18n]
disableAutoUnmount()
enableAutoUnmount(afterEach)
afterAll(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
  localStorage.clear()
  sessionStorage.clear()
  document.body.innerHTML = ''
  vi.resetModules()
})
