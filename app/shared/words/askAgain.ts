/** What was put off is asked again after so many days (judgement: six weeks). */
export const ASK_AGAIN_DAYS = 42
