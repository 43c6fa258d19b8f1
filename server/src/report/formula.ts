/**
 * A cell that a spreadsheet may take for a formula: one of its signs, in full width too, a blank that it may drop before one, or one at
 * the start of a line within the cell.
 */
export const FORMULA = /^(?:\s*[=+\-@＝﹦＋﹢－﹣−＠﹫]|[\t\r\n])|[\r\n]\s*[=+\-@＝﹦＋﹢－﹣−＠﹫]/;
