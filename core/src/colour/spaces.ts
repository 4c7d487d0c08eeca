import { modeLab65, modeLch65, modeLrgb, modeRgb, modeXyz65, useMode } from 'culori/fn'

/** The colour spaces core converts between; culori knows only those it is told of. */
for (const mode of [modeRgb, modeLrgb, modeXyz65, modeLab65, modeLch65]) useMode(mode as Parameters<typeof useMode>[0])
