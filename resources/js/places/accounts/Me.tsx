import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { queries } from '../../api/queries';
import { say } from '../../words/words';
import { OwnPassword } from './OwnPassword';
import { OwnPin } from './OwnPin';
import { SecondFactor } from './SecondFactor';
import { SignedIn } from './SignedIn';
import { Main } from '../../shell/Main';

/** What everybody keeps of their own account. */
export function Me() {
    const me = useQuery(queries.me()).data;
    return (
        <Main widest={900} sx={{ display: 'grid', gap: 4, alignContent: 'start' }}>
            <Typography component="h1" variant="h1">
                {me?.name}
            </Typography>
            {me && <Typography color="textSecondary">{say(`role.${me.role}`)}</Typography>}
            <OwnPassword />
            {me && <OwnPin set={me.pin} />}
            {me && <SecondFactor on={me.secondFactor} />}
            <SignedIn />
        </Main>
    );
}
