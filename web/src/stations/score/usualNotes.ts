/** What judges note most often while walking past; one touch each. */
export const usualNotes = [
  'shares the work',
  'tests early',
  'listens to an idea',
  'measures twice',
  'helps another team',
]
