/** What a teacher would write on a list, written down before it was run: common practice, no source. */
export const STUDENT_LISTS: readonly [guide: string, acceptable: string][] = [
  ['Six for a child', 'PY3 PY154 PY97 PY74 PY150|PR254 PV19 PR255|PB15:3 PB29|PG7 PG36|PBr7 PR101|PBk6 PBk7 PBk9'],
  ['Six to begin with', 'PY3 PY175|PY65 PY110|PR254 PR255|PV19 PR122|PB29|PB15:3'],
  ['Four: three and an earth', 'PY3 PY154 PY150 PY97 PY74|PV19 PR122|PB29|PR101 PR102 PBr7'],
]
