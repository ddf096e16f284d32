import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { PhoneFile } from '../../api/client';
import { say } from '../../words/words';
import { elementsOf, GROUPS, nameOf, SHEETS, type Group, type Selected } from './elements';

const GROUP_NAMES: Record<Group, string> = {
    openings: say('page.drawing-table.openings'),
    flexZones: say('page.drawing-table.flex-zones'),
    parts: say('page.parts'),
    fasteners: say('page.screws'),
    connectors: say('page.drawing-table.connectors'),
    bonds: say('page.bonds'),
    replacements: say('page.drawing-table.kinds-of-part'),
};

interface ContentsProps {
    file: PhoneFile;
    selected: Selected;
    select: (s: Selected) => void;
    add: (group: Group) => void;
}

/** Everything in the file, by its name. */
export function Contents({ file, selected, select, add }: ContentsProps) {
    return (
        <Box
            component="nav"
            aria-label={say('page.drawing-table.contents')}
            sx={{
                overflow: 'auto',
                maxHeight: { xs: '40dvh', sm: '72dvh', lg: 'none' },
                p: 1,
                bgcolor: 'background.paper',
            }}
        >
            {[...SHEETS, 'stacks' as const].map((s) => (
                <Row
                    key={s}
                    on={'sheet' in selected && selected.sheet === s}
                    press={() => select({ sheet: s })}
                    text={say(`drawn-sheet.${s}`)}
                />
            ))}
            {GROUPS.map((g) => (
                <Box key={g} component="section" aria-label={GROUP_NAMES[g]} sx={{ mt: 1 }}>
                    <Box sx={{ display: 'flex', alignItems: 'center', px: 1 }}>
                        <Typography component="h2" variant="h3" sx={{ flex: 1 }}>
                            {GROUP_NAMES[g]}
                        </Typography>
                        <Button
                            size="small"
                            onClick={() => add(g)}
                            aria-label={say('page.drawing-table.add-to', { GROUP_NAMES: GROUP_NAMES[g].toLowerCase() })}
                        >
                            +
                        </Button>
                    </Box>
                    {elementsOf(file, g).map((e, i) => (
                        <Row
                            key={`${e.id} ${i}`}
                            on={'group' in selected && selected.group === g && selected.index === i}
                            press={() => select({ group: g, index: i })}
                            text={nameOf(e)}
                        />
                    ))}
                </Box>
            ))}
        </Box>
    );
}

function Row({ on, press, text }: { on: boolean; press: () => void; text: string }) {
    return (
        <Button
            fullWidth
            size="small"
            color="inherit"
            aria-pressed={on}
            onClick={press}
            sx={(t) => ({
                justifyContent: 'flex-start',
                textAlign: 'left',
                fontWeight: on ? 700 : 400,
                minHeight: { xs: 48, lg: 34 },
                bgcolor: on ? t.palette.role.nowFill : 'transparent',
            })}
        >
            {text}
        </Button>
    );
}
