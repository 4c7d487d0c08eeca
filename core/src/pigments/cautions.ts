/** Usual cautions by key. They never replace the label, the safety data sheet or local rules. */
const CAUTIONS: Record<string, string> = {
  cadmium:
    'Cadmium compound: do not spray, sand or breathe dust; keep from food and children; do not pour rinsing water with solids down the drain.',
  cobalt: 'Cobalt compound: may sensitise skin; do not spray or breathe dust.',
  nickel: 'Nickel compound: may sensitise skin; do not spray or breathe dust.',
  chromate: 'Hexavalent chromium: toxic and carcinogenic as dust; not for spraying or sanding.',
  lead: 'Lead compound: toxic, builds up in the body; never for children, never dry; wash hands; may be restricted where you live.',
  mercury: 'Mercury compound: toxic; do not heat, spray or sand; may be restricted where you live.',
  arsenic: 'Arsenic compound: very toxic; historic, handle no dry pigment.',
  antimony: 'Antimony compound: do not spray or breathe dust.',
  manganese: 'Manganese compound: do not breathe dust of the dry pigment.',
  barium: 'Barium compound: do not swallow; soluble kinds are toxic.',
  zinc: 'Zinc compound: harmful to water life; keep solids out of the drain.',
  copper: 'Copper compound: harmful to water life in quantity.',
  'metal-dust': 'Metal powder: do not breathe dust; keep dry powder from sparks.',
  animal: 'Of animal origin.',
  'toxic-plant': 'A strong purgative plant resin: do not lick the brush.',
}

/** The cautions of a pigment in words, and the one that holds for every dry pigment. */
export const cautionsInWords = (keys: readonly string[]): string[] => [
  ...keys.flatMap((key) => CAUTIONS[key] ?? []),
  'As dry powder any pigment is dust: do not breathe it. The label and the safety data sheet come first.',
]
