import * as z from 'zod/mini'
import { text } from '../documents/fields'
import { Paint } from '../documents/paint'
import { firstIssue } from '../documents/load'
import { fail, ok, type Result } from '../result'
import { readFormat } from './readFormat'

export const STUDENTS_FORMAT = 'juxtachrome-list'

/** One line of a list for students: a paint by code, what matters in it, what stands in, what to mind. */
export const StudentLine = z.looseObject({
  name: z.string().check(z.minLength(1), z.maxLength(160)),
  pigments: Paint.shape.pigments,
  /** What matters in it, in words. */
  matters: z.optional(text(300)),
  /** What stands in at each level of price, as named by `levels`; empty where nothing does. */
  standIns: z.optional(z.array(text(300)).check(z.maxLength(2))),
  cautions: z.optional(z.array(text(400)).check(z.maxLength(12))),
  /** Tubes that a student needs; one where nothing is said. */
  tubes: z.optional(z.int().check(z.gte(0), z.lte(20))),
})
export type StudentLine = z.infer<typeof StudentLine>

/** A list of paints that a teacher hands out. */
export const StudentList = z.looseObject({
  format: z.literal(STUDENTS_FORMAT),
  version: z.literal(1),
  title: z.string().check(z.minLength(1), z.maxLength(160)),
  note: z.optional(text(2000)),
  /** What a tube holds, ml, and how many students there are. */
  millilitres: z.optional(z.number().check(z.gt(0), z.lte(500))),
  students: z.optional(z.int().check(z.gte(1), z.lte(500))),
  levels: z.optional(z.array(text(80)).check(z.maxLength(2))),
  lines: z.array(StudentLine).check(z.minLength(1), z.maxLength(400)),
})
export type StudentList = z.infer<typeof StudentList>

export const writeStudentList = (list: Omit<StudentList, 'format' | 'version'>): string =>
  `${JSON.stringify({ format: STUDENTS_FORMAT, version: 1, ...list }, undefined, 1)}\n`

/** Reads a list that a teacher handed out. Errors: `not-a-list`, `from-newer-version`. */
export function readStudentList(content: string): Result<StudentList> {
  const raw = readFormat(content, { format: STUDENTS_FORMAT, code: 'not-a-list', what: 'list for students' })
  if (!raw.ok) return raw
  const read = StudentList.safeParse(raw.value)
  return read.success ? ok(read.data) : fail('not-a-list', `The list cannot be read: ${firstIssue(read.error)}`)
}

/** The list as lines of text, as a comparison with what is owned reads them: name, then codes. */
export const linesOf = ({ lines }: Pick<StudentList, 'lines'>): string =>
  lines.map(({ name, pigments }) => [name.replace(/\s+/g, ' '), ...pigments].join(' ')).join('\n')
