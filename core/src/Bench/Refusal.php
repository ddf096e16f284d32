<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Document\Reason;

/** An event that the rules forbid, with the reason. */
final readonly class Refusal
{
    private function __construct(public Reason $reason, public RefusalKind $kind) {}

    /** @param array<string, string|int|float> $figures */
    public static function never(string $code, array $figures = []): self
    {
        return new self(new Reason($code, $figures), RefusalKind::Never);
    }

    /** @param array<string, string|int|float> $figures */
    public static function later(string $code, array $figures = []): self
    {
        return new self(new Reason($code, $figures), RefusalKind::Later);
    }

    /**
     * It is asked once whether that is meant.
     *
     * @param array<string, string|int|float> $figures
     */
    public static function unlessSaidWhy(string $code, array $figures = []): self
    {
        return new self(new Reason($code, $figures), RefusalKind::UnlessSaidWhy);
    }

    /** True if the same event may be accepted later, once others have arrived. */
    public function mayPass(): bool
    {
        return $this->kind === RefusalKind::Later;
    }
}
