<?php

declare(strict_types=1);

/** One technician at one bench: confirms steps and writes notes, and sends again whatever was not acknowledged. */
final class Bench
{
    /** @var list<array<string, mixed>> sent, and not acknowledged */
    private array $events = [];
    private ?string $step = null;
    public float $lastAnswer;
    /** The longest time without an answer, s. */
    public float $longest = 0.0;
    /** When it is asked again, s since 1970. */
    public float $next = 0.0;

    public function __construct(public readonly string $job)
    {
        $this->lastAnswer = microtime(true);
    }

    /** What is sent next: the same until it is answered. */
    public function body(): string
    {
        if ($this->events === []) {
            $at = (int) (1000 * microtime(true));
            $note = ['step' => $this->step ?? 'power-off', 'text' => 'as it should be'];
            $this->events = [self::event('problem', $at, $note)];
            if ($this->step !== null) {
                $this->events[] = self::event('step-done', $at + 1, ['step' => $this->step]);
            }
        }

        return json_encode(['events' => $this->events], JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<mixed>|null $answer null if it was none that says what was kept
     *
     * @return list<string> ids that are acknowledged with it
     */
    public function answered(?array $answer, float $pause): array
    {
        $now = microtime(true);
        $this->next = $now + $pause;
        if ($answer === null) {
            return [];
        }
        $this->longest = max($this->longest, $now - $this->lastAnswer);
        $this->lastAnswer = $now;
        $this->events = [];
        $state = is_array($answer['state'] ?? null) ? $answer['state'] : [];
        $this->step = is_string($state['next'] ?? null) ? $state['next'] : null;

        return array_values(array_filter((array) ($answer['accepted'] ?? []), is_string(...)));
    }

    /**
     * @param array<string, string> $data
     *
     * @return array<string, mixed>
     */
    private static function event(string $type, int $at, array $data): array
    {
        $hex = bin2hex(random_bytes(16));
        $id = sprintf(
            '%s-%s-4%s-8%s-%s',
            substr($hex, 0, 8),
            substr($hex, 8, 4),
            substr($hex, 13, 3),
            substr($hex, 17, 3),
            substr($hex, 20),
        );

        return ['id' => $id, 'type' => $type, 'at' => $at, 'data' => $data];
    }
}
