import { wantsOf } from '../../src'
import type { GuideCall } from '../../src/documents/guide'

/**
 * What an experienced painter would take first for each call, written down before it was run: common practice, no source.
 * Once out of ninety paints known by their codes alone, once out of the demo's collection (by the beginning of a name).
 */
export const CALLS: readonly { words: string; codes: readonly string[]; demo: readonly string[] }[] = `
yellow | PY3 PY154 PY97 PY74 PY65 PY110 PY175 PY184 PY150 PY151 PY35 PY138 | Lemon; Hansa; Nickel azo; Indian
cool yellow | PY3 PY175 PY184 | Lemon
warm yellow | PY65 PY110 PY83 PY139 PY37 PY97 | Hansa yellow deep; Indian; Hansa yellow medium
red | PR254 PR255 PR108 PV19 PR264 PR188 PR209 | Pyrrole red; Pyrrole scarlet; Quinacridone r
warm red | PR254 PR255 PR108 PR188 | Pyrrole red; Pyrrole scarlet
cool red | PV19 PR122 PR264 PR177 PR176 PR202 | Quinacridone r; Quinacridone magenta
blue | PB29 PB15:3 PB28 PB15 | French ultramarine; Ultramarine deep; Cobalt blue; Phthalo blue
blue leaning violet | PB29 PB74 | French ultramarine; Ultramarine deep
blue leaning green | PB15:3 PB35 PB36 PB16 | Phthalo blue green shade; Cerulean
green | PG7 PG36 PG18 PG50 | Phthalo green; Viridian
green leaning blue | PG7 PG18 PG50 | Phthalo green; Viridian
green leaning yellow | PG36 PY129 PG17 | Green gold; Sap green; Phthalo green
orange | PO71 PO73 PO62 PO20 | Pyrrole orange; Benzimidazolone orange
violet | PV15 PV16 PV23 PV14 PV55 | Cobalt violet; Dioxazine
violet leaning blue | PV15 PV23 | Dioxazine
violet leaning red | PV14 PV16 PV55 | Cobalt violet
earth | PY42 PY43 PR101 PR102 PBr7 | Yellow ochre; Burnt sienna; Raw sienna; Burnt umber; Raw umber; Transparent red; Indian red
yellow earth | PY42 PY43 | Yellow ochre; Raw sienna
red earth | PR101 PR102 | Burnt sienna; Indian red; Transparent red
brown | PBr7 PBr25 PBr6 PBr33 PBr8 | Burnt umber; Raw umber
green earth | PG23 | Terre verte
dark | PBk6 PBk7 PBk9 PBk11 PBk31 PB60 PV29 | Payne; Neutral tint; Mars black; Perylene green; Indanthrone
dark earth | PBr7 PR101 PBr6 PBr25 PBr33 | Burnt umber; Raw umber; Indian red
dark blue | PB60 PB27 PB15 PB15:3 PB15:6 PB29 | Indanthrone; Prussian; Ultramarine deep; French ultramarine
dark green | PBk31 PG26 PG7 | Perylene green; Phthalo green
dark violet | PV29 PV23 | Dioxazine
dark red | PR179 PR264 PR177 | Perylene maroon
black | PBk6 PBk7 PBk9 PBk11 | Mars black
grey | PBk10 PBk19 PBk6 PBk9 PBk7 PBk11 | Payne; Neutral tint; Mars black
white | PW4 PW6 PW5 | Titanium white
`
  .trim()
  .split('\n')
  .map((line) => {
    const [words, codes, demo] = line.split('|').map((cell) => cell.trim())
    return { words: words!, codes: codes!.split(' '), demo: demo!.split('; ') }
  })

export const callOf = (words: string): GuideCall => ({ id: 'call', words, quota: 1, wants: wantsOf(words) })
