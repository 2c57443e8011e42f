import type { PaperField } from '@/api/names'

const yes = /^(x|✓|✔|y|yes|true|1|ok|kept|met|done)$/i
const no = /^(n|no|false|0|-|missed|not met)$/i

/** What a cell of a spreadsheet says in a field: a check or a cross where one is made, a choice by its name. */
export function pastedInto(field: PaperField, cell: string): string {
  switch (field.kind) {
    case 'met':
      return yes.test(cell) ? 'met' : no.test(cell) ? 'missed' : ''
    case 'tick':
      return yes.test(cell) ? 'x' : ''
    case 'choice':
      return field.choices.find((c) => c.name.toLowerCase() === cell.toLowerCase())?.value ?? ''
    default:
      return cell
  }
}
