<?php

declare(strict_types=1);

namespace Facelift\Document;

/**
 * Reads a JSON document that a person has written, and says plainly what a decoder passes over: a member that stands
 * twice (the decoder keeps the last without a word), a byte order mark, a file beyond all measure.
 */
final class JsonText
{
    /** Bytes; a phone file of 200 elements has about 60,000. */
    public const LARGEST = 2_000_000;

    private const DEEPEST = 64;

    /**
     * @param string $what the document's kind, as the refusal names it
     *
     * @return mixed the decoded document, objects as arrays by name
     *
     * @throws Unreadable If it is none.
     */
    public static function read(string $text, string $what): mixed
    {
        if (\strlen($text) > self::LARGEST) {
            throw self::tooLarge(\strlen($text), $what);
        }
        if (str_starts_with($text, "\u{FEFF}")) {
            throw self::refused($what, 'begins with a byte order mark: save it as UTF-8 without one');
        }
        try {
            $data = json_decode($text, true, self::DEEPEST, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw self::refused($what, 'is not JSON: ' . $e->getMessage());
        }
        $twice = self::twice($text);
        if ($twice !== []) {
            throw Unreadable::because($what, $twice);
        }

        return $data;
    }

    /** The refusal of a document of so many bytes, for whoever sees its size before reading it. */
    public static function tooLarge(int $bytes, string $what): Unreadable
    {
        return self::refused($what, \sprintf(
            'has %.1f MB, and no more than %.0f are read',
            $bytes / 1e6,
            self::LARGEST / 1e6,
        ));
    }

    private static function refused(string $what, string $reason): Unreadable
    {
        return Unreadable::because($what, [new Fault('', $reason)]);
    }

    /** @return list<Fault> a fault for each member that stands again in its object; of a text that is JSON */
    private static function twice(string $text): array
    {
        preg_match_all('/"(?:[^"\\\\]++|\\\\.)*+"|[{}\[\],:]/s', $text, $found, PREG_OFFSET_CAPTURE);
        $faults = [];
        // Of every object or list that is open, the innermost last: its path, its names so far, and in a list which
        // item this is (null in an object).
        [$paths, $names, $items] = [[], [], []];
        $path = '';
        foreach ($found[0] as $i => [$token, $at]) {
            $in = \count($paths) - 1;
            if ($token === '{' || $token === '[') {
                $paths[] = $path;
                $names[] = [];
                $items[] = $token === '[' ? 0 : null;
                $path .= $token === '[' ? '[0]' : '';
            } elseif ($token === '}' || $token === ']') {
                $path = (string) array_pop($paths);
                array_pop($names);
                array_pop($items);
            } elseif ($token === ',' && ($items[$in] ?? null) !== null) {
                $path = $paths[$in] . '[' . ++$items[$in] . ']';
            } elseif (($found[0][$i + 1][0] ?? '') === ':') {
                $name = json_decode($token);
                $name = \is_string($name) ? $name : $token;
                $path = ($paths[$in] ?? '') === '' ? $name : $paths[$in] . '.' . $name;
                if (isset($names[$in][$name])) {
                    $line = substr_count($text, "\n", 0, $at) + 1;
                    $faults[] = new Fault($path, "stands a second time, in line $line");
                }
                $names[$in][$name] = true;
            }
        }

        return $faults;
    }
}
