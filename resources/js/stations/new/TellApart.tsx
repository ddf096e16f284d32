import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { say } from '../../words/words';

type Answers = Record<string, string>;

/** Questions, computed from the phone files, that tell look-alikes apart. */
export function TellApart({
    find,
    found,
}: {
    find: string;
    found: (phones: Schemas['PhoneSummary'][] | null) => void;
}) {
    const [answers, setAnswers] = useState<Answers | null>(null);
    const asked = useQuery({ ...queries.tellApart(find, answers ?? {}), enabled: answers !== null });
    const answer = async (all: Answers | null) => {
        setAnswers(all);
        found(
            all === null || Object.keys(all).length === 0
                ? null
                : (await queryClient.query(queries.tellApart(find, all))).left,
        );
    };
    if (answers === null) {
        return (
            <Button variant="outlined" onClick={() => void answer({})} sx={{ mt: 1 }}>
                Code not legible: tell look-alikes apart
            </Button>
        );
    }
    const question = asked.data?.question;
    return (
        <Box
            component="section"
            aria-label="Tell look-alikes apart"
            sx={(t) => ({ bgcolor: t.palette.role.nowFill, borderRadius: 1, p: 1.5, mt: 1, display: 'grid', gap: 1 })}
        >
            {question ? (
                <>
                    <Typography component="h2" sx={{ fontWeight: 700 }}>
                        {say(`feature.${question.feature}`)}
                    </Typography>
                    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
                        {question.options.map((o) => (
                            <Button
                                key={o.answer}
                                variant="contained"
                                onClick={() => void answer({ ...answers, [question.feature]: o.answer })}
                            >
                                {worded(question.feature, o.answer)}
                            </Button>
                        ))}
                    </Box>
                </>
            ) : (
                <Typography>
                    {asked.data?.left.length === 1
                        ? `It is the ${asked.data.left[0]?.maker} ${asked.data.left[0]?.model}.`
                        : 'Nothing seen from outside tells these apart: look for the code in settings or under the tray.'}
                </Typography>
            )}
            <Button color="inherit" onClick={() => void answer(null)} sx={{ justifySelf: 'start' }}>
                Leave the questions
            </Button>
        </Box>
    );
}

function worded(feature: string, answer: string): string {
    const key = `answer.${feature}.${answer}`;
    const words = say(key);
    return words === key ? answer : words;
}
