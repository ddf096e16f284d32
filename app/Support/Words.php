<?php

declare(strict_types=1);

namespace App\Support;

use Facelift\Document\Reason;

/** The wording of codes, shared with the page: resources/words/en.json. */
final readonly class Words
{
    /** @param array<string, string> $texts */
    private function __construct(private array $texts) {}

    public static function fromFile(string $file): self
    {
        $decoded = json_decode((string) file_get_contents($file), true, 4, JSON_THROW_ON_ERROR);

        $texts = [];
        foreach (is_array($decoded) ? $decoded : [] as $key => $text) {
            if (is_string($text)) {
                $texts[(string) $key] = $text;
            }
        }

        return new self($texts);
    }

    /**
     * @param array<string, string|float|int> $figures
     *
     * @return string the text with its figures put in; the key itself if it has no wording
     */
    public function say(string $key, array $figures = []): string
    {
        $text = $this->texts[$key] ?? $key;
        foreach ($figures as $name => $value) {
            $text = str_replace('{' . $name . '}', (string) $value, $text);
        }

        return $text;
    }

    public function reason(Reason $reason): string
    {
        return $this->say('reason.' . $reason->code, $reason->figures);
    }
}
