<?php

declare(strict_types=1);

namespace Facelift\Capture;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\ConnectorKind;
use Facelift\Anatomy\Driver;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\PartKind;

/** What something met at the bench is like: only what was looked at is said, the rest is null. */
final readonly class Likeness
{
    /**
     * @param int          $count    of screws, zero for anything else
     * @param float|null   $length   mm of a screw
     * @param Driver|null  $driver   of screws
     * @param bool|null    $clip     a retaining clip lies over the plug
     * @param Pairing|null $pairing  whether the part must stay with this phone
     */
    public function __construct(
        public int $count = 0,
        public ?float $length = null,
        public ?Driver $driver = null,
        public ?AdhesiveKind $adhesive = null,
        public ?ConnectorKind $plug = null,
        public ?bool $clip = null,
        public ?PartKind $part = null,
        public ?Pairing $pairing = null,
    ) {}
}
