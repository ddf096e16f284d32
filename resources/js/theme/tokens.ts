/** The look's roles, light and dark. Screws are told apart by place, driver and length in figures, never by colour. */
export const tokens = {
    light: {
        paper: '#F3F1EA',
        panel: '#FBFAF6',
        ink: '#1C2428',
        quiet: '#566268',
        rule: '#D8D3C5',
        action: '#0B5460',
        done: '#2C6A45',
        nowFill: '#FFE9B8',
        now: '#7A4D00',
        stop: '#A3122A',
        stopFill: '#F8E4E2',
        care: '#B98200',
        careFill: '#FCF1D4',
    },
    dark: {
        paper: '#12191D',
        panel: '#1A252C',
        ink: '#E6EBE9',
        quiet: '#A9B5B7',
        rule: '#3A4A52',
        action: '#6FC3CF',
        done: '#7FC8A0',
        nowFill: '#46360F',
        now: '#FFC24B',
        stop: '#F08A7A',
        stopFill: '#43211F',
        care: '#E0B04A',
        careFill: '#3B3015',
    },
} as const;

/** The mat is slate in both themes. */
export const slate = {
    mat: '#24323A',
    deep: '#1A252C',
    line: '#DFE7E6',
    grid: '#31424B',
    quiet: '#B4C2C5',
    done: '#7FC8A0',
    now: '#FFC24B',
    stop: '#F08A7A',
    cold: '#8FC1E8',
} as const;

export const sans = '"Atkinson Hyperlegible Next Variable", system-ui, sans-serif';
export const mono = '"Atkinson Hyperlegible Mono Variable", ui-monospace, monospace';
