<?php

declare(strict_types=1);

namespace Facelift\Route;

use Facelift\Anatomy\Connector;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;

/** The trial connection: the new part proven before anything irreversible is done to the old one. */
final readonly class Trial
{
    public const ID = 'trial';

    /**
     * @param list<string> $connect connectors of the new part that are plugged in for the test
     * @param list<string> $live    the smallest set that must be live: those, what boots the phone, and the battery's
     *     last
     * @param bool         $extension true if the flex reaches only over a test extension
     */
    public function __construct(public array $connect, public array $live, public bool $extension = false) {}

    /**
     * @param list<string> $discarded parts that stay with the old part
     *
     * @return list<string> connectors of the new display or digitizer
     */
    public static function plugsOf(Phone $phone, array $discarded): array
    {
        $isDisplay = static fn(string $end): bool => \in_array($end, $discarded, true)
            && \in_array($phone->parts[$end]->kind, [PartKind::Display, PartKind::Digitizer], true);

        return array_keys(
            array_filter(
                $phone->connectors,
                static fn(Connector $c): bool => array_filter($c->joins, $isDisplay) !== [],
            ),
        );
    }
}
