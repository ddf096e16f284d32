<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Plan\Phase;

/**
 * How far the writing of a plan has come.
 *
 * @internal
 */
final class Progress
{
    /** @var array<string, string> id of the step that finishes a removal */
    public array $outBy = [];
    /** @var array<string, string> id of the step that finishes a refit */
    public array $backBy = [];
    /** @var array<string, string> id of the step that warms a bond */
    public array $warmedBy = [];
    /** @var array<string, string> id of the step that makes the ledge of a bond ready */
    public array $ledgeBy = [];
    /** @var array<string, list<string>> what a cover waits for that goes on with its bond */
    public array $coverAfter = [];
    /** Id of the step that everything on the way back waits for. */
    public string $start = '';
    /** Id of the step that reads the old display's data; null if there is none to read. */
    public ?string $dataBy = null;
    public bool $opened = false;
    public bool $proven = false;
    public bool $sealing = false;
    public bool $closing = false;
    public bool $live = false;
    public bool $displayShut = false;

    /** Where a removal stands. */
    public function apart(bool $hasTrial): Phase
    {
        return match (true) {
            !$this->opened => Phase::Open,
            !$this->proven && $hasTrial => Phase::Unplug,
            default => Phase::Strip,
        };
    }

    /** Where a refit stands. */
    public function back(): Phase
    {
        return match (true) {
            $this->closing => Phase::Close,
            $this->sealing => Phase::Seal,
            default => Phase::MoveOver,
        };
    }
}
