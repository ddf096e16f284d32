import { createTheme } from '@mui/material/styles';
import { mono, sans, tokens } from './tokens';

type Role = { [K in keyof (typeof tokens)['light']]: string };

declare module '@mui/material/styles' {
    interface Palette {
        role: Role;
    }
    interface PaletteOptions {
        role: Role;
    }
    interface TypographyVariants {
        figure: React.CSSProperties;
        clock: React.CSSProperties;
    }
    interface TypographyVariantsOptions {
        figure?: React.CSSProperties;
        clock?: React.CSSProperties;
    }
}
declare module '@mui/material/Typography' {
    interface TypographyPropsVariantOverrides {
        figure: true;
        clock: true;
    }
}

/** As MUI moves the name of a field into its frame, only not as small. */
const SHRUNK = 'translate(14px, -10px) scale(0.875)';

/** On a narrow screen, or under a finger, what is pressed is as large as one. */
const touched = (style: object) => ({ '@media (max-width: 899.95px), (pointer: coarse)': style });

/** A link that stands for itself, not within a text. */
const FINGER = { display: 'inline-flex', alignItems: 'center', justifyContent: 'center', minHeight: 48, minWidth: 48 };

export function facelift(mode: 'light' | 'dark') {
    const role = tokens[mode];
    return createTheme({
        palette: {
            mode,
            role,
            primary: { main: role.action },
            error: { main: role.stop },
            success: { main: role.done },
            warning: { main: role.care },
            background: { default: role.paper, paper: role.panel },
            text: { primary: role.ink, secondary: role.quiet },
            divider: role.rule,
        },
        shape: { borderRadius: 6 },
        // Nothing moves by itself but clocks: a menu is there or gone, a button is ready or not.
        transitions: { create: () => 'none' },
        typography: {
            fontFamily: sans,
            fontSize: 16,
            htmlFontSize: 16,
            body1: { fontSize: '1rem', lineHeight: 1.45 },
            body2: { fontSize: '0.9375rem', lineHeight: 1.4 },
            h1: { fontSize: '1.6875rem', fontWeight: 750, lineHeight: 1.2 },
            h2: { fontSize: '1.1875rem', fontWeight: 700, lineHeight: 1.3 },
            h3: { fontSize: '1rem', fontWeight: 700, lineHeight: 1.3 },
            button: { textTransform: 'none', fontWeight: 700, fontSize: '1rem' },
            figure: { fontFamily: mono, fontVariantNumeric: 'tabular-nums', fontSize: '0.9375rem' },
            clock: {
                fontFamily: mono,
                fontVariantNumeric: 'tabular-nums',
                fontSize: '3.25rem',
                fontWeight: 800,
                lineHeight: 1,
            },
        },
        components: {
            MuiCssBaseline: {
                styleOverrides: {
                    'html, body, #root': { height: '100%' },
                    a: { color: role.action },
                    '@page': { margin: '14mm 12mm' },
                    // On paper: no bars and no clocks, black on white, nothing cut in two.
                    '@media print': {
                        'header, aside': { display: 'none !important' },
                        'body, #root': { background: 'none', height: 'auto' },
                        'figure, tr, section': { breakInside: 'avoid' },
                        'h1, h2, h3': { breakAfter: 'avoid' },
                        'figure svg': { maxWidth: '100%', height: 'auto' },
                    },
                    'input[type=range]': touched({ minHeight: 48 }),
                    summary: touched({ minHeight: 48, display: 'list-item', alignContent: 'center' }),
                    ':focus-visible': { outline: `3px solid ${role.action}`, outlineOffset: 2 },
                },
            },
            MuiButtonBase: { defaultProps: { disableRipple: true } },
            MuiPopover: { defaultProps: { transitionDuration: 0 } },
            MuiMenu: { defaultProps: { transitionDuration: 0 } },
            MuiDialog: { defaultProps: { transitionDuration: 0 } },
            MuiButton: {
                defaultProps: { disableElevation: true },
                styleOverrides: { root: { minHeight: 48 } },
            },
            // Read at arm's length: nothing under 14 px, also the name of a field that stands in its frame.
            MuiInputLabel: {
                styleOverrides: { outlined: { '&.MuiInputLabel-shrink': { transform: SHRUNK } } },
            },
            MuiOutlinedInput: {
                styleOverrides: { root: { minHeight: 48 }, notchedOutline: { '& legend': { fontSize: '0.875em' } } },
            },
            MuiSlider: { styleOverrides: { root: touched({ paddingBlock: 22 }) } },
            MuiCheckbox: { styleOverrides: { root: touched({ width: 48, height: 48 }) } },
            MuiRadio: { styleOverrides: { root: touched({ width: 48, height: 48 }) } },
            MuiAccordionSummary: { styleOverrides: { root: { minHeight: 48 } } },
            MuiToggleButton: {
                styleOverrides: {
                    root: {
                        minHeight: 48,
                        minWidth: 48,
                        textTransform: 'none',
                        color: role.ink,
                        borderColor: role.quiet,
                        '&.Mui-selected, &.Mui-selected:hover': { backgroundColor: role.action, color: role.panel },
                        // Where the browser chooses the colours, what is chosen is still told apart.
                        '@media (forced-colors: active)': {
                            forcedColorAdjust: 'none',
                            backgroundColor: 'ButtonFace',
                            color: 'ButtonText',
                            '&.Mui-selected, &.Mui-selected:hover': {
                                backgroundColor: 'Highlight',
                                color: 'HighlightText',
                            },
                        },
                        '&.Mui-selected.Mui-disabled': { backgroundColor: role.quiet, color: role.panel },
                    },
                },
            },
            // What a field waits for has to be read although the field is off.
            MuiFormHelperText: {
                styleOverrides: { root: { fontSize: '0.9375rem', '&.Mui-disabled': { color: role.quiet } } },
            },
            MuiIconButton: { styleOverrides: { root: { minWidth: 48, minHeight: 48 } } },
            MuiListItemButton: { styleOverrides: { root: { minHeight: 48 } } },
            MuiTab: { styleOverrides: { root: { minHeight: 56, fontSize: '1rem' } } },
            MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { backgroundImage: 'none' } } },
            MuiTableCell: {
                styleOverrides: { root: { fontSize: '1rem', borderColor: role.rule, '& a[href]': touched(FINGER) } },
            },
            MuiTooltip: { defaultProps: { arrow: true }, styleOverrides: { tooltip: { fontSize: '0.9375rem' } } },
        },
    });
}
