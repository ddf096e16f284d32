/** px a letter takes at most on average, as a share of the size: the words on the drawing never take more. */
const NORMAL = 0.56;
const BOLD = 0.6;

export const widthOf = (text: string, size: number, bold = false): number =>
    text.length * size * (bold ? BOLD : NORMAL);

/** In as many lines as are allowed, between words; what does not go in is cut with dots. */
export function wrapped(text: string, size: number, bold: boolean, width: number, lines: number): string[] {
    const most = Math.max(4, Math.floor(width / (size * (bold ? BOLD : NORMAL))));
    const rows: string[] = [];
    for (const word of text.split(' ')) {
        const last = rows[rows.length - 1];
        if (last !== undefined && last.length + 1 + word.length <= most) {
            rows[rows.length - 1] = `${last} ${word}`;
        } else {
            rows.push(word);
        }
    }
    const cut = (row: string): string => (row.length > most ? `${row.slice(0, most - 1)}…` : row);
    const kept = rows.slice(0, lines).map(cut);
    const rest = rows.slice(lines).join(' ');
    const last = kept[kept.length - 1];
    if (rest !== '' && last !== undefined) {
        kept[kept.length - 1] = cut(`${last} ${rest}`.padEnd(most + 1));
    }
    return kept.map((row) => row.trimEnd());
}
