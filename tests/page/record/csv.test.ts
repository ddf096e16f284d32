import { expect, it } from 'vitest';
import { csv } from '../../../resources/js/places/record/csv';

it('writes a table as RFC 4180 has it, and no formula', () => {
    const rows = [
        ['Name', 'Jobs'],
        ['Panels, "best"', 12],
        ['=SUM(A1)', -3],
        ['-1+2', null],
    ];
    expect(csv(rows)).toBe('Name,Jobs\r\n"Panels, ""best""",12\r\n\'=SUM(A1),-3\r\n\'-1+2,\r\n');
});
