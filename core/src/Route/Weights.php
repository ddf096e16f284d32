<?php

declare(strict_types=1);

namespace Facelift\Route;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\Phone;

/** What each removal weighs when ways in are compared. Common practice, no source. */
final readonly class Weights
{
    private const PAIRED = 4;
    private const GLUED = 2;
    private const BOND = 45.0;

    /**
     * Parts, connectors and bonds are disturbed; screws are not harmed by coming out. At risk are paired parts and
     * glued flexes.
     *
     * @return array<string, array{int, int}> disturbed and risk by id
     */
    public static function of(Phone $phone): array
    {
        $weights = array_map(static fn(): array => [0, 0], $phone->fasteners)
            + array_map(static fn(): array => [1, 0], $phone->connectors);
        foreach ($phone->bonds as $id => $bond) {
            $weights[$id] = [1, $bond->adhesive === AdhesiveKind::FlexGlue ? self::GLUED : 0];
        }
        foreach ($phone->parts as $id => $part) {
            $weights[$id] = [1, $part->pairing === Pairing::None ? 0 : self::PAIRED];
        }

        return $weights;
    }

    /**
     * @param list<string> $ids
     *
     * @return float rough seconds of hands, to tell sets of equal weight apart
     */
    public static function seconds(Phone $phone, array $ids): float
    {
        return array_sum(array_map(static fn(string $id): float => match (true) {
            isset($phone->parts[$id]) => $phone->parts[$id]->handling->seconds,
            isset($phone->fasteners[$id]) => Pace::SCREW_OUT * $phone->fasteners[$id]->count(),
            isset($phone->connectors[$id]) => Pace::UNPLUG,
            default => self::BOND,
        }, $ids));
    }
}
