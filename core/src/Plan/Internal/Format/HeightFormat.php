<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Document\Node;
use Facelift\Fit\FigureFrom;
use Facelift\Fit\HeightBudget;
use Facelift\Fit\Thickness;
use Facelift\Geometry\Side;
use Facelift\Seal\Heights;
use Facelift\Seal\SideHeight;

/**
 * Where the glass ends up at every side, in a plan document.
 *
 * @internal
 */
final readonly class HeightFormat
{
    /** @return array<string, mixed> */
    public function write(Heights $h): array
    {
        return ['backlight' => $h->backlight, 'sides' => array_map(self::side(...), $h->sides)];
    }

    public function read(Node $n): Heights
    {
        $sides = $n->each('sides', self::readSide(...));
        if ($sides === []) {
            $n->fault('sides', 'must name at least one side');
        }

        return new Heights($sides === [] ? [self::readSide($n)] : $sides, $n->flag('backlight'));
    }

    /** @return array<string, mixed> */
    private static function side(SideHeight $s): array
    {
        $b = $s->budget;

        return [
            'side' => $s->side->value,
            'recess' => self::thickness($b->recess),
            'module' => self::thickness($b->module),
            'adhesive' => self::thickness($b->adhesive),
            'residue' => self::thickness($b->residue),
            'foam' => self::thickness($b->foam),
            'proud' => $b->proud(),
            'likely' => $b->likely(),
            'worst' => $b->worst(),
            'room' => $b->room(),
            'sits' => $b->sits()->value,
        ];
    }

    private static function readSide(Node $n): SideHeight
    {
        return new SideHeight($n->enum('side', Side::class), new HeightBudget(
            self::readThickness($n->node('recess')),
            self::readThickness($n->node('module')),
            self::readThickness($n->node('adhesive')),
            self::readThickness($n->node('residue')),
            self::readThickness($n->node('foam')),
        ));
    }

    /** @return array{mm: float, tolerance: float, from: string} */
    private static function thickness(Thickness $t): array
    {
        return ['mm' => $t->mm, 'tolerance' => $t->tolerance, 'from' => $t->from->value];
    }

    private static function readThickness(Node $n): Thickness
    {
        return new Thickness(
            $n->number('mm', 0, 100),
            $n->number('tolerance', 0, 100),
            $n->enum('from', FigureFrom::class),
        );
    }
}
