import type { PhoneFile } from '../../api/client';
import type { ReplacementKind } from '../../api/sets';
import type { Text } from './fields';

/** What a phone file knows of a part of a kind: all that has not to be typed. */
export function knownOf(file: PhoneFile, kind: ReplacementKind, code: string | null = null): Text {
    const replacement = file.replacements.find((r) => r.kind === kind);
    const codes = file.identity.codes.filter((c) => code === null || c.code === code);
    const connectors = new Set(codes.map((c) => c.connectorCode ?? file.panel.connectorCode));
    const glass = kind === 'glass-only';
    const brings = replacement?.brings ?? [];
    return {
        name: `${file.identity.model}, ${replacement?.name.toLowerCase() ?? kind}`,
        kind,
        // Codes with another connector take another part.
        modelCodes: codes
            .filter((c) => code !== null || (c.connectorCode ?? file.panel.connectorCode) === file.panel.connectorCode)
            .map((c) => c.code)
            .join(' '),
        connector: glass ? '' : ([...connectors][0] ?? ''),
        technology: glass ? '' : file.panel.technology,
        refresh: glass ? '' : String(file.panel.refresh),
        brings: brings.length > 0 ? brings.join(' ') : 'none',
    };
}
