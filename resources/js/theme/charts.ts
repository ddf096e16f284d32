/** Words of a chart, as large as everywhere: its library has them smaller. */
export const CHART_TEXT = {
    '& .MuiChartsAxis-tickLabel, & .MuiChartsAxis-label': { fontSize: '14px !important' },
    '& .MuiChartsLegend-root': { fontSize: '0.875rem' },
} as const;
