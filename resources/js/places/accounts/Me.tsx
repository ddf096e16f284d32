import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { queries } from '../../api/queries';
import { say } from '../../words/words';
import { OwnPassword } from './OwnPassword';
import { OwnPin } from './OwnPin';
import { SecondFactor } from './SecondFactor';
import { SignedIn } from './SignedIn';

/** What everybody keeps of their own account. */
export function Me() {
    const me = useQuery(queries.me()).data;
    return (
        <Box
            component="main"
            sx={{ p: 3, maxWidth: 900, width: '100%', mx: 'auto', display: 'grid', gap: 4, alignContent: 'start' }}
        >
            <Typography component="h1" variant="h1">
                {me?.name}
            </Typography>
            {me && <Typography color="textSecondary">{say(`role.${me.role}`)}</Typography>}
            <OwnPassword />
            {me && <OwnPin set={me.pin} />}
            {me && <SecondFactor on={me.secondFactor} />}
            <SignedIn />
        </Box>
    );
}
