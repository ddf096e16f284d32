<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Models\Job;
use App\Models\ShelfItem;
use App\Models\ShopRule;
use App\Models\ShopSetting;
use App\Models\User;

/** The job is not where the request takes it to be. Nothing was kept. */
final class Conflict extends \RuntimeException
{
    private function __construct(
        string $message,
        private readonly string $reason,
        private readonly ?int $version = null,
    ) {
        parent::__construct($message);
    }

    public static function staleVersion(Job $job): self
    {
        return new self(
            sprintf(
                '%s was changed by somebody else meanwhile. Nothing of yours was kept: look at it again.',
                $job->tag(),
            ),
            'stale-version',
            $job->version,
        );
    }

    public static function notReachable(string $why): self
    {
        return new self($why, 'not-reachable');
    }

    public static function benchStarted(Job $job): self
    {
        return new self(
            sprintf('Work on %s has begun at the bench: check-in, scope, part and plan stay as they are.', $job->tag()),
            'bench-started',
        );
    }

    public static function quoteMoved(string $why): self
    {
        return new self($why . ' Nothing was kept: look at the quote again.', 'quote-moved');
    }

    public static function noAnswer(string $why): self
    {
        return new self($why, 'no-answer');
    }

    public static function drawnMeanwhile(string $phone, int $version): self
    {
        return new self(
            sprintf(
                'Somebody else has kept version %d of %s meanwhile. '
                . 'Yours is not lost: look at what changed, then keep it on top.',
                $version,
                $phone,
            ),
            'stale-version',
            $version,
        );
    }

    public static function partTaken(string $label): self
    {
        return new self(sprintf('%s has just been taken for another job. Choose another part.', $label), 'part-taken');
    }

    public static function staleItem(ShelfItem $item): self
    {
        return new self(
            sprintf(
                '%s was changed by somebody else meanwhile. Nothing of yours was kept: look at it again.',
                $item->label,
            ),
            'stale-version',
            $item->version,
        );
    }

    /** Address and password are right; the code of the second factor is still to be typed. */
    public static function codeWanted(): self
    {
        return new self('Type the code that your telephone shows.', 'code-wanted');
    }

    public static function staleAccount(User $user): self
    {
        return new self(
            sprintf(
                'The account of %s was changed by somebody else meanwhile. '
                . 'Nothing of yours was kept: look at it again.',
                $user->name,
            ),
            'stale-version',
            $user->version,
        );
    }

    /** @param int $version that is kept now */
    public static function staleLevel(int $version): self
    {
        return new self(
            'This level was changed by somebody else meanwhile. Nothing of yours was kept: look at it again.',
            'stale-version',
            $version,
        );
    }

    public static function staleSupply(string $name): self
    {
        return new self(
            sprintf('Something was taken from %s meanwhile. Nothing of yours was kept: count it again.', $name),
            'stale-version',
        );
    }

    public static function staleRules(ShopRule $row): self
    {
        return new self(
            'The rules were changed by somebody else meanwhile. Nothing of yours was kept: look at them again.',
            'stale-version',
            $row->version,
        );
    }

    public static function staleShop(ShopSetting $row): self
    {
        return new self(
            'What the shop has was changed by somebody else meanwhile. Nothing of yours was kept: look at it again.',
            'stale-version',
            $row->version,
        );
    }

    public static function closed(Job $job): self
    {
        return new self(sprintf('%s is handed over and closed.', $job->tag()), 'closed');
    }

    /** @return array<string, string|int> */
    public function body(): array
    {
        return ['message' => $this->getMessage(), 'code' => $this->reason]
            + ($this->version === null ? [] : ['version' => $this->version]);
    }
}
