/** A piece of a word's picture, on a ground of 140 by 72: what it is, x, y, width, height; a line to x, y; or words at x, y. */
export type Stroke =
  | ['wood' | 'end' | 'cut' | 'key' | 'panel' | 'lid' | 'gap' | 'iron', number, number, number, number]
  | ['edge' | 'line' | 'mark' | 'knife', number, number, number, number]
  | ['says', number, number, string]

/** A word of the trade: how it stands in a sentence, what it means in one breath, and its picture. */
export interface TradeWord {
  word: string
  forms: string[]
  says: string
  /** the word has other meanings too: this one where the text is like that */
  when?: RegExp
  picture: Stroke[]
}

/** A wall's edge with sections of 20, a finger first when asked. */
function comb(y: number, high: number, sections: number, slotFirst = false): Stroke[] {
  const drawn: Stroke[] = []
  for (let i = 0; i < sections; i++) {
    const slot = (i % 2 === 0) === slotFirst
    drawn.push([slot ? 'end' : 'wood', 10 + i * 20, y, 20, high])
  }
  return drawn
}
const measure = (x1: number, x2: number, y: number, text: string): Stroke[] => [
  ['mark', x1, y, x2, y],
  ['mark', x1, y - 4, x1, y + 4],
  ['mark', x2, y - 4, x2, y + 4],
  ['says', (x1 + x2) / 2, y - 5, text]
]

export const glossary: TradeWord[] = [
  {
    word: 'blank',
    forms: ['blank', 'blanks'],
    says: 'The board the walls are cut from.',
    picture: [
      ['wood', 8, 22, 124, 28],
      ['mark', 44, 22, 44, 50],
      ['mark', 68, 22, 68, 50],
      ['mark', 104, 22, 104, 50],
      ['says', 26, 41, 'A'],
      ['says', 56, 41, 'B'],
      ['says', 86, 41, 'C'],
      ['says', 118, 41, 'D']
    ]
  },
  {
    word: 'mate',
    forms: ['mate', 'mates'],
    says: 'The part a part is joined to at a corner.',
    picture: [...comb(14, 20, 6), ...comb(40, 20, 6, true)]
  },
  {
    word: 'section',
    forms: ['section', 'sections'],
    when: /^(?!.*section (across|through))/i,
    says: 'One band along the height: a finger on one part, a slot on its mate.',
    picture: [...comb(30, 26, 6), ...measure(50, 70, 22, 'one')]
  },
  {
    word: 'finger',
    forms: ['finger', 'fingers'],
    says: 'What stays between two slots. It enters a slot of the mate.',
    picture: [...comb(30, 26, 6), ...measure(50, 70, 22, 'finger')]
  },
  {
    word: 'slot',
    forms: ['slot', 'slots'],
    when: /^(?!.*screw)/i,
    says: 'What the cutter takes away. A finger of the mate enters it.',
    picture: [...comb(30, 26, 6), ...measure(30, 50, 22, 'slot')]
  },
  {
    word: 'clearance',
    forms: ['clearance'],
    says: 'How much wider the slot is than the finger. More is looser, under zero it jams.',
    picture: [
      ['wood', 30, 36, 30, 30],
      ['wood', 90, 36, 30, 30],
      ['end', 66, 8, 22, 58],
      ['gap', 60, 36, 6, 30],
      ...measure(60, 66, 26, 'clearance')
    ]
  },
  {
    word: 'pitch',
    forms: ['pitch'],
    says: 'One slot and one finger: from a slot to the next.',
    picture: [...comb(30, 26, 6), ...measure(30, 70, 22, 'pitch')]
  },
  {
    word: 'finger-first',
    forms: ['finger-first'],
    says: 'An end that begins with a finger at the reference edge. Its mate begins with a slot.',
    picture: [...comb(28, 26, 6), ['edge', 10, 22, 10, 60]]
  },
  {
    word: 'slot-first',
    forms: ['slot-first'],
    says: 'An end that begins with a slot at the reference edge. Its mate begins with a finger.',
    picture: [...comb(28, 26, 6, true), ['edge', 10, 22, 10, 60]]
  },
  {
    word: 'reference edge',
    forms: ['reference edge', 'reference edges'],
    says: 'The edge every cut is measured from, the same on all parts: the bottom edge as a rule.',
    picture: [
      ['wood', 20, 12, 100, 44],
      ['edge', 20, 57, 120, 57],
      ['says', 70, 38, 'A']
    ]
  },
  {
    word: 'kerf',
    forms: ['kerf'],
    says: 'The slot one pass of the cutter leaves, measured in a cut, not read off the cutter.',
    picture: [
      ['wood', 10, 34, 50, 28],
      ['wood', 74, 34, 56, 28],
      ['iron', 61, 6, 12, 56],
      ...measure(60, 74, 22, '')
    ]
  },
  {
    word: 'pass',
    forms: ['pass', 'passes'],
    says: 'Once over the cutter. A slot wider than the kerf takes two or more.',
    picture: [
      ['wood', 10, 28, 40, 32],
      ['wood', 90, 28, 40, 32],
      ['cut', 50, 28, 22, 32],
      ['cut', 68, 28, 22, 32],
      ['says', 60, 48, '1'],
      ['says', 80, 48, '2']
    ]
  },
  {
    word: 'key',
    forms: ['key'],
    says: 'The peg in the jig that the last slot hangs on while the next one is cut.',
    picture: [
      ['wood', 8, 34, 26, 22],
      ['key', 35, 14, 14, 50],
      ['wood', 50, 34, 28, 22],
      ['iron', 79, 8, 15, 56],
      ['wood', 94, 34, 38, 22]
    ]
  },
  {
    word: 'gap',
    forms: ['gap'],
    when: /key|cutter/i,
    says: "From the key's cutter side to the cutter's near side. It makes the finger.",
    picture: [['key', 30, 22, 16, 44], ['iron', 86, 22, 16, 44], ...measure(46, 86, 36, 'gap')]
  },
  {
    word: 'spacer',
    forms: ['spacer', 'spacers'],
    says: 'A piece of known width laid between fence and part. One more or one less for the next slot.',
    picture: [
      ['key', 6, 12, 12, 52],
      ['panel', 18, 26, 24, 26],
      ['panel', 42, 26, 24, 26],
      ['wood', 66, 30, 66, 20]
    ]
  },
  {
    word: 'proud',
    forms: ['proud'],
    says: "How far finger tips stand past the mate's face, to be sanded or trimmed off.",
    picture: [
      ['wood', 10, 30, 70, 22],
      ['end', 80, 10, 26, 52],
      ['wood', 106, 30, 10, 22],
      ...measure(106, 116, 22, '')
    ]
  },
  {
    word: 'held',
    forms: ['held'],
    says: 'How far the edge of a panel reaches into its groove, at its worst day of the year.',
    picture: [
      ['end', 10, 8, 44, 56],
      ['gap', 34, 26, 20, 20],
      ['panel', 40, 28, 92, 16],
      ...measure(40, 54, 58, '')
    ]
  },
  {
    word: 'groove',
    forms: ['groove', 'grooves'],
    says: 'The channel a panel sits in.',
    picture: [
      ['end', 30, 8, 60, 56],
      ['gap', 66, 34, 24, 16],
      ['panel', 70, 36, 64, 12]
    ]
  },
  {
    word: 'tongue',
    forms: ['tongue'],
    says: 'The thinned edge of a panel that enters the groove.',
    picture: [
      ['end', 8, 8, 44, 56],
      ['gap', 32, 34, 20, 12],
      ['panel', 38, 35, 20, 10],
      ['panel', 58, 26, 76, 20]
    ]
  },
  {
    word: 'closing height',
    forms: ['closing height', 'closes'],
    says: 'Where the last section ends: the height the walls are ripped to once the fit is settled.',
    picture: [...comb(28, 26, 5), ['cut', 110, 28, 18, 26], ['line', 110, 18, 110, 62]]
  },
  {
    word: 'lid line',
    forms: ['lid line'],
    says: 'Where the lowered front ends, so that the lid slides out over it.',
    picture: [
      ['wood', 14, 26, 70, 38],
      ['wood', 84, 12, 42, 52],
      ['lid', 14, 18, 70, 7],
      ['line', 8, 26, 92, 26]
    ]
  },
  {
    word: 'dado',
    forms: ['dado', 'dadoes'],
    says: 'A trench across the inside of a wall, in which a divider stands.',
    picture: [
      ['wood', 14, 40, 112, 24],
      ['gap', 60, 40, 16, 10],
      ['end', 62, 8, 12, 42]
    ]
  },
  {
    word: 'breadboard end',
    forms: ['breadboard end', 'breadboard ends'],
    says: 'A board across the end of a lid that keeps it flat. Only its middle is glued: the lid moves past it.',
    picture: [
      ['lid', 40, 12, 60, 48],
      ['end', 18, 12, 22, 48],
      ['end', 100, 12, 22, 48]
    ]
  },
  {
    word: 'liner',
    forms: ['liner', 'liners'],
    says: 'A thin frame inside the box that stands up into the lid and keeps it in place.',
    picture: [
      ['wood', 14, 36, 12, 30],
      ['wood', 114, 36, 12, 30],
      ['panel', 26, 24, 6, 42],
      ['panel', 108, 24, 6, 42],
      ['lid', 14, 8, 112, 14]
    ]
  },
  {
    word: 'mortise',
    forms: ['mortise', 'mortises'],
    says: 'The shallow bed a hinge’s leaf is let into.',
    picture: [
      ['wood', 14, 30, 112, 34],
      ['gap', 14, 30, 44, 7],
      ['iron', 8, 26, 48, 8]
    ]
  },
  {
    word: 'seam',
    forms: ['seam'],
    says: 'Where the lid is sawn off the closed box, in the middle of a section made for it.',
    picture: [
      ['wood', 24, 10, 92, 22],
      ['wood', 24, 38, 92, 28],
      ['cut', 24, 32, 92, 6]
    ]
  },
  {
    word: 'test cut',
    forms: ['test cut', 'test cuts'],
    says: 'A few sections cut in scrap of the same thickness and measured, before a part is risked.',
    picture: [...comb(38, 26, 3), ...comb(8, 22, 3, true), ['says', 104, 44, 'scrap']]
  },
  {
    word: 'house rule',
    forms: ['house rule', 'house rules'],
    says: 'A number your shop has settled for itself. Change it on the rack; it holds wherever you leave a field empty.',
    picture: [
      ['panel', 24, 10, 92, 52],
      ['mark', 34, 26, 90, 26],
      ['mark', 34, 38, 104, 38],
      ['mark', 34, 50, 78, 50]
    ]
  },
  {
    word: 'backing',
    forms: ['backing', 'backing board'],
    says: 'Waste wood behind the work, so that the far side does not tear when the cutter comes out.',
    picture: [
      ['wood', 18, 20, 104, 18],
      ['key', 18, 38, 104, 22],
      ['iron', 62, 8, 14, 54]
    ]
  },
  {
    word: 'stick',
    forms: ['stick'],
    when: /^(?!.*push stick)/i,
    says: "The wall's height laid out along a rule: every finger, groove and line. Print it at 1:1 and hold it to the wood.",
    picture: [
      ...comb(20, 20, 6),
      ['edge', 10, 14, 10, 46],
      ['mark', 10, 50, 130, 50],
      ['mark', 40, 46, 40, 54],
      ['mark', 70, 46, 70, 54],
      ['mark', 100, 46, 100, 54]
    ]
  },
  {
    word: 'ring angle',
    forms: ['ring angle'],
    says: 'How the year rings lie in the end grain. Flat (0°) moves most across the board, upright (90°) about half.',
    picture: [
      ['end', 10, 20, 56, 34],
      ['mark', 12, 28, 64, 34],
      ['mark', 12, 38, 64, 44],
      ['end', 76, 20, 54, 34],
      ['mark', 88, 20, 86, 54],
      ['mark', 102, 20, 100, 54],
      ['mark', 116, 20, 114, 54]
    ]
  },
  {
    word: 'offcut',
    forms: ['offcut', 'offcuts'],
    says: 'What is left of a board and worth keeping.',
    picture: [
      ['wood', 8, 24, 84, 26],
      ['wood', 102, 24, 30, 26],
      ['says', 117, 41, 'left']
    ]
  }
]

const forms = new Map(glossary.flatMap((w) => w.forms.map((form) => [form, w] as const)))
const any = new RegExp(
  `(?<![\\w-])(${[...forms.keys()].sort((a, b) => b.length - a.length).join('|')})(?![\\w-])`,
  'gi'
)

/** A stretch of a text, and the word it is when it is one of the trade. */
export interface Stretch {
  text: string
  word?: TradeWord
}

/** Splits a text at its trade words; each word counts once, where it stands first. */
export function stretches(text: string): Stretch[] {
  const found: Stretch[] = []
  const told = new Set<TradeWord>()
  let from = 0
  for (const match of text.matchAll(any)) {
    const word = forms.get(match[0].toLowerCase())
    if (!word || told.has(word) || (word.when && !word.when.test(text))) continue
    told.add(word)
    if (match.index > from) found.push({ text: text.slice(from, match.index) })
    found.push({ text: match[0], word })
    from = match.index + match[0].length
  }
  if (from < text.length) found.push({ text: text.slice(from) })
  return found
}
