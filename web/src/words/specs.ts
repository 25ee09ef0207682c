// For specs: components on their own know the words, as on the page.
import { config } from '@vue/test-utils'
import { i18n } from '.'

config.global.plugins.push(i18n)
