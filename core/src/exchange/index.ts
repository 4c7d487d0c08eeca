/** Two devices brought together. What is shared of it, by name. */
export { beganFrom, Device, Stamp, type Stamps, stampsOf, Writer } from './stamps'
export { type Knowledge, newLife, noteChanges, type Seen, type Tables } from './knowledge'
export { meet, type JoinedDocument, type Meeting } from './meeting'
export { questionKey, questionsOf, type Question } from './questions'
export { type Part, stepsOf } from './parts'
export { asEdited, type Choose, comesWithout, settleMeeting } from './settling'
export { type Tangle, tanglesOf } from './tangles'
