const NAME = /^juxtachrome-device-([\w-]{4,40})\.json$/

/** The file of a device in a folder that several share: each has one, and writes no other. */
export const deviceFileName = (id: string): string => `juxtachrome-device-${id}.json`

/** Which device a file is of; undefined where it is none of ours. */
export const deviceOfFile = (name: string): string | undefined => NAME.exec(name)?.[1]
