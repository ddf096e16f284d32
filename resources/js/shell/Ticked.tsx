/** What is settled already: the word is read out, the dot is for the eye. */
export function Ticked({ text }: { text: string }) {
    return (
        <>
            {text}&nbsp;<span aria-hidden="true">●</span>
        </>
    );
}
