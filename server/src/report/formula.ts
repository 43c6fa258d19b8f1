/** A cell that a spreadsheet may take for a formula: one of its signs, or a blank that it may drop before one. */
export const FORMULA = /^(?:\s*[=+\-@]|[\t\r\n])/;
