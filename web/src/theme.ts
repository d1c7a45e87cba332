import { definePreset } from '@primeuix/themes'
import base from '@primeuix/themes/aura/base'
import button from '@primeuix/themes/aura/button'
import checkbox from '@primeuix/themes/aura/checkbox'
import chip from '@primeuix/themes/aura/chip'
import dialog from '@primeuix/themes/aura/dialog'
import iconfield from '@primeuix/themes/aura/iconfield'
import inputtext from '@primeuix/themes/aura/inputtext'
import multiselect from '@primeuix/themes/aura/multiselect'
import ripple from '@primeuix/themes/aura/ripple'
import select from '@primeuix/themes/aura/select'
import slider from '@primeuix/themes/aura/slider'
import toast from '@primeuix/themes/aura/toast'
import tooltip from '@primeuix/themes/aura/tooltip'
import virtualscroller from '@primeuix/themes/aura/virtualscroller'

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

/** What the controls we use are made of; the others of the library stay out of the first load. */
const Base = {
  ...base,
  components: {
    button,
    checkbox,
    chip,
    dialog,
    iconfield,
    inputtext,
    multiselect,
    ripple,
    select,
    slider,
    toast,
    tooltip,
    virtualscroller
  }
}

/** Our own ramp, square-ish corners and chalky grounds, so that fields look like the rest of the shop. */
export const CantHook = definePreset(Base, {
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
