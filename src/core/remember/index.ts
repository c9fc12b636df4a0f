/**
 * A pure function that remembers its last answers: while one slider moves, most questions of a plan are asked again unchanged.
 *
 * @param most so many are kept; then it begins anew
 * @returns the same answer, the very object, for a question that reads the same; nobody changes it
 */
export function remembering<Question, Answer>(
  answer: (question: Question) => Answer,
  { most = 64, key = (question: Question) => JSON.stringify(question) as unknown } = {},
): (question: Question) => Answer {
  const known = new Map<unknown, Answer>();
  return (question) => {
    const name = key(question);
    const found = known.get(name);
    if (found !== undefined) return found;
    if (known.size >= most) known.clear();
    const fresh = answer(question);
    known.set(name, fresh);
    return fresh;
  };
}
