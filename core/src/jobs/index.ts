export type { Job, Lane } from './job'
export { JOBS, type JobName, type ProgressOf, type RequestOf, type ValueOf } from './registry'
export type { FromWorker, ToWorker } from './messages'
export { JobRunner } from './runner'
