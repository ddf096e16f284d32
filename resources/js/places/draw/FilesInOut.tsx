import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, done, take, type PhoneFile } from '../../api/client';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';

interface Props {
    file: PhoneFile;
    open: (file: PhoneFile) => void;
    versions: () => void;
}

/** Bytes of a phone file that are read at most. */
const LARGEST = 2_000_000;

/** The file in and out as JSON, an outline in as SVG, and the versions that were kept. */
export function FilesInOut({ file, open, versions }: Props) {
    const [refused, setRefused] = useState<string | null>(null);
    const outline = useMutation({
        mutationFn: (svg: string) => take(api.POST('/api/phone-files/outline', { body: { svg } })),
        onSuccess: (o) =>
            open({ ...file, body: { ...file.body, width: o.width, height: o.height, cornerRadius: o.cornerRadius } }),
    });
    const json = async (f: File | undefined) => {
        if (!f) {
            return;
        }
        try {
            if (f.size > LARGEST) {
                throw new Error(say('page.files-in-out.too-large', { most: LARGEST / 1e6 }));
            }
            // What a browser decodes does not tell whether a member stood twice; its text() drops a byte order mark.
            const text = new TextDecoder('utf-8', { ignoreBOM: true }).decode(await f.arrayBuffer());
            await done(api.POST('/api/phone-files/text', { body: { fileText: text } }));
            const read = JSON.parse(text) as Omit<PhoneFile, 'format'> & { format?: unknown };
            if (read.format !== 'facelift-phone') {
                throw new Error(say('page.files-in-out.it-is-not-a-phone-file'));
            }
            setRefused(null);
            open(read as PhoneFile);
        } catch (e) {
            setRefused(
                say('page.files-in-out.was-not-taken-in-the-drawing', {
                    name: f.name,
                    e: e instanceof Error ? e.message : say('page.files-in-out.it-cannot-be-read'),
                }),
            );
        }
    };
    const save = () => {
        const link = document.createElement('a');
        link.href = URL.createObjectURL(new Blob([JSON.stringify(file, null, 2)], { type: 'application/json' }));
        link.download = `${file.identity.id}.phone.json`;
        link.click();
        URL.revokeObjectURL(link.href);
    };
    return (
        <Box
            component="section"
            aria-label={say('page.files-in-out.files')}
            sx={{ mt: 3, pt: 1.5, borderTop: 1, borderColor: 'divider', display: 'flex', gap: 1, flexWrap: 'wrap' }}
        >
            <Button size="small" variant="outlined" onClick={save}>
                {say('page.files-in-out.save-as-json')}
            </Button>
            <Button size="small" variant="outlined" component="label" role={undefined}>
                {say('page.files-in-out.open-json')}
                <input
                    hidden
                    type="file"
                    accept=".json,application/json"
                    aria-label={say('page.files-in-out.phone-file')}
                    onChange={(e) => void json(e.target.files?.[0])}
                />
            </Button>
            <Button size="small" variant="outlined" component="label" role={undefined}>
                {say('page.files-in-out.outline-from-svg')}
                <input
                    hidden
                    type="file"
                    accept=".svg,image/svg+xml"
                    aria-label={say('page.files-in-out.outline-drawing')}
                    onChange={(e) => void e.target.files?.[0]?.text().then((t) => outline.mutate(t))}
                />
            </Button>
            <Button size="small" onClick={versions}>
                {say('page.versions')}
            </Button>
            {refused && (
                <Note tone="stop" role="alert">
                    {refused}
                </Note>
            )}
            <Refusal error={outline.error} />
        </Box>
    );
}
