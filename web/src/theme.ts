import { definePreset } from '@primeuix/themes'
import Aura from '@primeuix/themes/aura'

const moss = {
  50: '#f3f8f4',
  100: '#dfebe2',
  200: '#bfd7c7',
  300: '#94bba2',
  400: '#5f9377',
  500: '#256347',
  600: '#1f563d',
  700: '#1a4833',
  800: '#163a2a',
  900: '#122e22',
  950: '#0b1f16'
}

/** Our own ramp, square-ish corners and chalky grounds, so that fields look like the rest of the shop. */
export const CantHook = definePreset(Aura, {
  primitive: {
    borderRadius: { none: '0', xs: '2px', sm: '2px', md: '3px', lg: '4px', xl: '5px' },
    moss
  },
  semantic: {
    primary: moss,
    focusRing: { width: '3px', style: 'solid', color: '#1d57ad', offset: '1px' },
    colorScheme: {
      light: {
        surface: {
          0: '#fdfefb',
          50: '#f7faf5',
          100: '#eef3ee',
          200: '#dfe7e0',
          300: '#c6d2c9',
          400: '#95a69b',
          500: '#5f7268',
          600: '#4b5d54',
          700: '#384840',
          800: '#26342d',
          900: '#18241e',
          950: '#12211b'
        }
      },
      dark: {
        surface: {
          0: '#ffffff',
          50: '#f2f5f1',
          100: '#dde4de',
          200: '#bac7be',
          300: '#97a99e',
          400: '#7b8f83',
          500: '#5d7165',
          600: '#43544b',
          700: '#32413a',
          800: '#24312b',
          900: '#1a2520',
          950: '#121b17'
        }
      }
    }
  }
})
