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
                {say('page.tell-apart.code-not-legible-tell-look-alikes')}
            </Button>
        );
    }
    const question = asked.data?.question;
    return (
        <Box
            component="section"
            aria-label={say('page.tell-apart.tell-look-alikes-apart')}
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
                        ? say('page.tell-apart.it-is-the', {
                              maker: asked.data.left[0]?.maker,
                              model: asked.data.left[0]?.model,
                          })
                        : say('page.tell-apart.nothing-seen-from-outside-tells-these')}
                </Typography>
            )}
            <Button color="inherit" onClick={() => void answer(null)} sx={{ justifySelf: 'start' }}>
                {say('page.tell-apart.leave-the-questions')}
            </Button>
        </Box>
    );
}

function worded(feature: string, answer: string): string {
    const key = `answer.${feature}.${answer}`;
    const words = say(key);
    return words === key ? answer : words;
}
