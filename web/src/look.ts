import { t } from '@/words'
import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'

/** Quiet words must still be read: labels of fields, suffixes. */
const variables = { 'high-emphasis-opacity': 1, 'medium-emphasis-opacity': 0.82 }

const bench = {
  dark: false,
  colors: {
    background: '#FAFAF6',
    surface: '#FAFAF6',
    primary: '#A8552B',
    'on-primary': '#FFFFFF',
    secondary: '#39464B',
    success: '#2F6F66',
    warning: '#8F6100',
    error: '#A3243B',
    info: '#4B4A8A',
    'on-background': '#1E2326',
    'on-surface': '#1E2326',
  },
  variables,
}

const evening = {
  dark: true,
  colors: {
    background: '#171C1E',
    surface: '#1F2629',
    primary: '#E09468',
    'on-primary': '#1E1209',
    secondary: '#B9C4C3',
    success: '#7CC4B7',
    warning: '#E3B550',
    error: '#F08A9B',
    info: '#B0AEF0',
    'on-background': '#ECEFEA',
    'on-surface': '#ECEFEA',
  },
  variables,
}

/** What the parts say by themselves. {0} is the label of the field. */
const OWN = {
  open: t('Open'),
  close: t('Close'),
  noDataText: t('Nothing to choose from'),
  loading: t('Looking …'),
  input: {
    clear: t('Clear {label}', { label: '{0}' }),
    prependAction: t('Before {label}', { label: '{0}' }),
    appendAction: t('After {label}', { label: '{0}' }),
  },
  fileInput: { counter: t('{files} files', { files: '{0}' }) },
}

/** Porcelain and slate by day, the same bench in the evening. */
export const look = createVuetify({
  theme: { defaultTheme: 'bench', themes: { bench, evening } },
  locale: { locale: 'own', fallback: 'en', messages: { own: OWN } },
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  defaults: {
    VBtn: { rounded: 'md', variant: 'flat' },
    VTextField: { variant: 'outlined', hideDetails: 'auto' },
    VTextarea: { variant: 'outlined', hideDetails: 'auto' },
    VSelect: { variant: 'outlined', hideDetails: 'auto' },
    VAutocomplete: { variant: 'outlined', hideDetails: 'auto' },
    VCombobox: { variant: 'outlined', hideDetails: 'auto' },
    VFileInput: { variant: 'outlined', hideDetails: 'auto' },
    VCard: { variant: 'flat', rounded: 'lg' },
    VBtnToggle: { rounded: 'md', variant: 'outlined', divided: true, color: 'secondary' },
  },
})
