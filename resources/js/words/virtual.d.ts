/** The words of resources/words/en.json in two parts, made by the build. */
declare module 'virtual:words/first' {
    export const texts: Record<string, string>;
}
declare module 'virtual:words/later' {
    export const texts: Record<string, string>;
}
