import Button from '@mui/material/Button';
import { say } from '../words/words';
import { KeyList } from './KeyList';
import { keysOf } from './keys';
import { showTour } from './tourShown';

/** What the keys of this page do, and the way back to the tour. */
export function PageKeys({ pathname, close }: { pathname: string; close: () => void }) {
    return (
        <KeyList keys={keysOf(pathname)} close={close}>
            <Button
                onClick={() => {
                    showTour();
                    close();
                }}
            >
                {say('page.keys.tour')}
            </Button>
        </KeyList>
    );
}
