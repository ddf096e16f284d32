<?php

declare(strict_types=1);

namespace App\Words;

use Facelift\Document\Reason;

/**
 * The wording of codes, shared with the page: resources/words/en.json, and which figures are codes themselves:
 * figures.json.
 */
final readonly class Words
{
    /**
     * @param array<string, string> $texts
     * @param array<string, string> $coded prefix of the wording by the name of a figure
     */
    private function __construct(private array $texts, private array $coded) {}

    public static function fromFile(string $file): self
    {
        return new self(self::table($file), self::table(dirname($file) . '/figures.json'));
    }

    /**
     * @param array<string, string|float|int> $figures
     *
     * @return string the text with its figures put in; the key itself if it has no wording
     */
    public function say(string $key, array $figures = []): string
    {
        $text = $this->texts[$key] ?? $key;
        // A message that counts is worded for one and for many, as ICU writes it.
        if (str_contains($text, ', plural,')) {
            $counted = \MessageFormatter::formatMessage('en', $text, $figures);

            return $counted === false ? $text : $counted;
        }
        foreach ($figures as $name => $value) {
            $text = str_replace('{' . $name . '}', (string) $value, $text);
        }

        return $text;
    }

    /** @return array<string, string> all texts whose keys begin so */
    public function under(string ...$prefixes): array
    {
        return array_filter(
            $this->texts,
            static fn(string $key): bool => array_filter(
                $prefixes,
                static fn(string $p): bool => str_starts_with($key, $p),
            ) !== [],
            ARRAY_FILTER_USE_KEY,
        );
    }

    public function isWorded(string $key): bool
    {
        return isset($this->texts[$key]);
    }

    public function reason(Reason $reason): string
    {
        return $this->coded('reason.' . $reason->code, $reason->figures);
    }

    /** A further sentence of a step. */
    public function note(Reason $note): string
    {
        return $this->coded('note.' . $note->code, $note->figures);
    }

    /**
     * The same with figures worded that are codes themselves: gates, functions, sides, places.
     *
     * @param array<string, string|float|int> $figures
     */
    public function coded(string $key, array $figures): string
    {
        foreach ($figures as $name => $value) {
            $prefix = $this->coded[$name] ?? null;
            if ($prefix !== null && is_string($value)) {
                $codes = preg_split('/,\s*|\s+/', $value);
                $figures[$name] = implode(
                    ', ',
                    array_map(
                        fn(string $code): string => self::inSentence($this->texts[$prefix . '.' . $code] ?? $code),
                        $codes === false ? [] : $codes,
                    ),
                );
            }
        }

        return $this->say($key, $figures);
    }

    /** As a sentence: with a full stop, unless it ends with a mark of its own. */
    public static function sentence(string $text): string
    {
        return preg_match('/[.?!…]$/u', $text) === 1 ? $text : $text . '.';
    }

    /** Lower case inside a sentence, but not a name like OLED or SIM. */
    private static function inSentence(string $text): string
    {
        return preg_match('/^[A-Z][a-z]/', $text) === 1 ? mb_strtolower($text) : $text;
    }

    /** @return array<string, string> */
    private static function table(string $file): array
    {
        $decoded = json_decode((string) file_get_contents($file), true, 4, JSON_THROW_ON_ERROR);
        $texts = [];
        foreach (is_array($decoded) ? $decoded : [] as $key => $text) {
            if (is_string($text)) {
                $texts[(string) $key] = $text;
            }
        }

        return $texts;
    }
}
