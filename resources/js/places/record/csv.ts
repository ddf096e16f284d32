/** A cell that a spreadsheet would take for a formula is made harmless; one with a comma or a quote is quoted. */
function cell(value: string | number | null): string {
    const text = value === null ? '' : String(value);
    const safe = typeof value === 'string' && /^[=+\-@\t\r]/.test(text) ? `'${text}` : text;
    return /[",\r\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
}

/** A table as RFC 4180 has it. */
export const csv = (rows: readonly (readonly (string | number | null)[])[]): string =>
    rows.map((row) => row.map(cell).join(',') + '\r\n').join('');

/** Hands a table over as a file. */
export function download(name: string, rows: readonly (readonly (string | number | null)[])[]): void {
    const address = URL.createObjectURL(new Blob([csv(rows)], { type: 'text/csv' }));
    const link = document.createElement('a');
    link.href = address;
    link.download = `${name}.csv`;
    link.click();
    URL.revokeObjectURL(address);
}
