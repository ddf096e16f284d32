import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { heard, type Heated, type HeatWords } from '../../bench/heat';
import { isSilent, setSilent, sound } from '../../bench/tones';
import { slate } from '../../theme/tokens';
import { say } from '../../words/words';
import { ReadingDialog } from './ReadingDialog';
import { shown, useThermometer } from '../../bench/useThermometer';

const colours = { plain: slate.line, care: slate.now, stop: slate.stop } as const;

interface Props {
    job: string;
    heat: Heated;
    words: HeatWords;
    heating: string | null;
    mayWork: boolean;
    strip: ReactNode;
}

/** What the heat asks for now, said, shown large and heard; and where a reading is typed in. */
export function HeatBar({ job, heat, words, heating, mayWork, strip }: Props) {
    const [large, setLarge] = useState(false);
    const [reading, setReading] = useState(false);
    const [silent, setQuiet] = useState(isSilent);
    const before = useRef<HeatWords | null>(null);
    useEffect(() => {
        const cue = heard(before.current, words);
        before.current = words;
        if (cue !== null) {
            sound(cue);
        }
    }, [words]);
    const mute = () => {
        setSilent(!silent);
        setQuiet(!silent);
    };
    const mayRead = mayWork && heating !== null;
    const keys = { preventDefault: true, enableOnFormTags: false } as const;
    useHotkeys('r', () => setReading(mayRead), keys);
    useHotkeys('f', () => setLarge((v) => !v), keys);
    useHotkeys('m', mute, keys, [silent]);
    return (
        <Box
            component="section"
            aria-label={say('page.heat-bar.heat-now')}
            sx={{
                forcedColorAdjust: 'none',
                bgcolor: slate.deep,
                color: slate.line,
                px: 1.5,
                pt: 0.75,
                display: 'grid',
                gap: 0.5,
            }}
        >
            <Box sx={{ display: 'flex', gap: 0.75, alignItems: 'center', flexWrap: 'wrap' }}>
                <Box sx={{ whiteSpace: 'nowrap' }}>
                    <Said words={words} size="1.25rem" />
                </Box>

                <Box sx={{ ml: 'auto', display: 'flex', gap: 0.75 }}>
                    <BarButton press={() => setReading(true)} disabled={!mayRead}>
                        {say('page.heat-bar.reading')} <Key>R</Key>
                    </BarButton>
                    <BarButton press={() => setLarge(true)}>
                        {say('page.heat-bar.large')} <Key>F</Key>
                    </BarButton>
                    <BarButton press={mute}>
                        {silent ? say('page.heat-bar.sound-on') : say('page.heat-bar.sound-off')} <Key>M</Key>
                    </BarButton>
                </Box>
            </Box>
            <Corrected heat={heat} why={words.why} />
            <Followed job={job} mayWork={mayWork} />
            {heating !== null && reading && <ReadingDialog job={job} step={heating} close={() => setReading(false)} />}
            <Dialog
                fullScreen
                open={large}
                onClose={() => setLarge(false)}
                slotProps={{ paper: { 'aria-label': say('page.bench.heat-large') } }}
            >
                <Box
                    sx={{
                        bgcolor: slate.deep,
                        color: slate.line,
                        height: '100%',
                        display: 'grid',
                        gridTemplateRows: 'auto minmax(0, 1fr)',
                        p: 2,
                        gap: 1,
                    }}
                >
                    <Box sx={{ display: 'flex', gap: 3, alignItems: 'start' }}>
                        <Box sx={{ display: 'grid', gap: 1, flex: 1 }}>
                            <Said words={words} size="clamp(2.5rem, 6.5vw, 7rem)" />
                            {words.why && (
                                <Typography sx={{ color: slate.quiet, fontSize: 'clamp(1.25rem, 2.4vw, 3rem)' }}>
                                    {words.why}
                                </Typography>
                            )}
                        </Box>
                        <BarButton press={() => setLarge(false)}>
                            {say('page.close')} <Key>F</Key>
                        </BarButton>
                    </Box>
                    {strip}
                </Box>
            </Dialog>
        </Box>
    );
}

/** What the thermometer shows, and that its readings are kept for this heating. */
function Followed({ job, mayWork }: { job: string; mayWork: boolean }) {
    const { thermometer, leave } = useThermometer(job);
    if (thermometer === null) {
        return null;
    }
    const mine = thermometer.follows?.job === job ? thermometer.follows : null;
    return (
        <Box
            role="group"
            aria-label={say('page.heat-bar.thermometer')}
            sx={{ ...quiet, display: 'flex', gap: 1, alignItems: 'center', minHeight: 40 }}
        >
            <span style={{ color: thermometer.state === 'live' ? slate.line : slate.stop }}>{shown(thermometer)}</span>
            {mine && <span>{say('page.heat-bar.followed', { probe: say(`probe.${mine.probe}`).toLowerCase() })}</span>}
            {mine && (
                <BarButton press={() => leave.mutate()} disabled={!mayWork || leave.isPending}>
                    {say('page.heat-bar.leave-it')}
                </BarButton>
            )}
            {!mine && thermometer.follows && (
                <span>{say('page.heat-bar.is-read-for', { tag: thermometer.follows.tag })}</span>
            )}
        </Box>
    );
}

function Said({ words, size }: { words: HeatWords; size: string }) {
    return (
        <>
            <Typography
                component="p"
                aria-live="assertive"
                sx={{ fontSize: size, fontWeight: 700, lineHeight: 1.15, color: colours[words.tone] }}
            >
                {words.text}
            </Typography>
            <Typography
                component="p"
                sx={{
                    fontSize: `calc(${size} * 0.72)`,
                    lineHeight: 1.15,
                    color: words.battery.near ? slate.stop : slate.cold,
                }}
            >
                {words.battery.text}
            </Typography>
        </>
    );
}

const quiet = { color: slate.quiet, fontSize: '0.9375rem', lineHeight: 1.25 } as const;

/** What the readings did to the contact, with its interval. */
const corrected = (fit: NonNullable<Heated['fit']>): string =>
    say('ui.corrected-by', {
        count: fit.used,
        contact: fit.coefficient.toFixed(0),
        low: fit.low.toFixed(0),
        high: fit.high.toFixed(0),
    });

function Corrected({ heat, why }: { heat: Heated; why: string | null }) {
    const { fit } = heat;
    return (
        <Box role="status" sx={quiet}>
            {why !== null && `${why} · `}
            {say('page.heat-bar.panel-has-borne-of-what-it', { panelUsed: Math.round(100 * heat.panelUsed) })}
            {heat.panelHurt && (
                <b style={{ color: slate.stop }}>{say('page.heat-bar.the-panel-has-been-hotter-than')} </b>
            )}
            {fit !== null && fit.used > 0 && `${corrected(fit)} `}
            {fit?.contradicted && <b style={{ color: slate.stop }}>{`${say('ui.readings-contradict')} `}</b>}
            {fit?.implausible && (
                <b style={{ color: slate.stop }}>
                    {fit.implausible === 'too-cold' ? say('page.heat-bar.colder') : say('page.heat-bar.hotter')}
                </b>
            )}
        </Box>
    );
}

function BarButton({
    press,
    disabled = false,
    children,
}: {
    press: () => void;
    disabled?: boolean;
    children: ReactNode;
}) {
    return (
        <Button
            size="small"
            variant="outlined"
            color="inherit"
            disabled={disabled}
            onClick={press}
            sx={{ borderColor: slate.quiet, whiteSpace: 'nowrap', minHeight: { xs: 48, md: 40 }, px: 1, gap: 0.75 }}
        >
            {children}
        </Button>
    );
}

const Key = ({ children }: { children: string }) => (
    <Box
        component="span"
        aria-hidden
        sx={{ border: '1px solid currentColor', borderRadius: 0.5, px: 0.5, fontSize: '0.9375rem', lineHeight: 1.4 }}
    >
        {children}
    </Box>
);
