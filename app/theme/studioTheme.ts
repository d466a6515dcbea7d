import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import 'vuetify/styles'
import './studio.css'

/** Vuetify in Manada's colours and measures. */
export function createStudioTheme() {
  return createVuetify({
    icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
    theme: {
      defaultTheme: 'manada',
      themes: {
        manada: {
          dark: false,
          colors: {
            'background': '#f7f4ee',
            'surface': '#ffffff',
            'primary': '#0f5c66',
            'secondary': '#5b6470',
            'error': '#b5523b',
            'warning': '#d99a1c',
            'success': '#5e7d3a',
            'info': '#0f5c66',
            'on-background': '#1f2933',
            'on-surface': '#1f2933',
          },
        },
      },
    },
    defaults: {
      VTextField: { density: 'compact', variant: 'outlined', hideDetails: true, color: 'primary' },
      VSelect: { density: 'compact', variant: 'outlined', hideDetails: true, color: 'primary' },
      VChip: { size: 'x-small', variant: 'tonal' },
      VAutocomplete: { density: 'compact', variant: 'outlined', hideDetails: true, color: 'primary' },
      VBtn: { variant: 'text', color: 'primary' },
      VTooltip: { openDelay: 350 },
    },
  })
}
