<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Anatomy\Stretch;
use Facelift\Cut\Alcohol;
use Facelift\Cut\AtEnd;
use Facelift\Cut\Blade;
use Facelift\Cut\BreakPanel;
use Facelift\Cut\Cooling;
use Facelift\Cut\FirstGap;
use Facelift\Cut\Heating;
use Facelift\Cut\Move;
use Facelift\Cut\Pass;
use Facelift\Cut\Way;
use Facelift\Document\Node;
use Facelift\Geometry\Side;

/**
 * A move of an opening in a plan document.
 *
 * @internal
 */
final readonly class MoveFormat
{
    /** @return array<string, mixed> */
    public function write(Move $move): array
    {
        $side
            = $move instanceof FirstGap || $move instanceof BreakPanel || $move instanceof Alcohol ? $move->side : null;

        return [
            'kind' => MoveKind::of($move)->value,
            'seconds' => $move->seconds,
            'end' => ['bond' => $move->end->bond, 'battery' => $move->end->battery, 'grips' => $move->end->grips],
            'side' => $side?->value,
            'way' => $move instanceof Pass ? self::way($move->way) : null,
        ] + self::more($move);
    }

    /** @return array<string, bool|float> what is written only where it is so */
    private static function more(Move $move): array
    {
        $more = match (true) {
            $move instanceof Heating => ['elsewhere' => $move->elsewhere, 'preheat' => $move->preheat],
            $move instanceof Cooling => ['sourceIsCold' => $move->sourceIsCold],
            $move instanceof FirstGap => ['keptAt' => $move->keptAt],
            $move instanceof Pass => [
                'chance' => $move->chance,
                'keptAt' => $move->keptAt,
                'next' => $move->next,
            ],
            default => [],
        };

        return array_filter($more, static fn(bool|float|null $v): bool => $v !== null && $v !== false);
    }

    public function read(Node $n): Move
    {
        $seconds = $n->number('seconds', 0, 1e6);
        $e = $n->node('end');
        $end = new AtEnd(
            $e->number('bond', -100, 1000),
            $e->number('battery', -100, 1000),
            $e->number('grips', 0, 1e6),
        );

        $kept = $n->optionalNumber('keptAt', -100, 1000);

        return match ($n->enum('kind', MoveKind::class)) {
            MoveKind::Heat => $n->has('preheat')
                ? Heating::preheat($seconds, $end)
                : Heating::first($seconds, $end),
            MoveKind::Reheat => $n->has('elsewhere')
                ? Heating::elsewhere($seconds, $end)
                : Heating::again($seconds, $end),
            MoveKind::Cool => new Cooling($seconds, $end, $n->has('sourceIsCold')),
            MoveKind::FirstGap => new FirstGap($seconds, $end, $n->enum('side', Side::class), $kept),
            MoveKind::BreakPanel => new BreakPanel($seconds, $end, $n->enum('side', Side::class)),
            MoveKind::Alcohol => new Alcohol($seconds, $end, $n->enum('side', Side::class)),
            MoveKind::Pass => new Pass(
                self::readWay($n->node('way')),
                $seconds,
                $end,
                $n->optionalNumber('chance', 0, 1),
                $kept,
                $n->has('next'),
            ),
        };
    }

    /** @return array<string, mixed> */
    private static function way(Way $way): array
    {
        $s = $way->stretch;

        return [
            'stretch' => [
                'id' => $s->id,
                'side' => $s->side->value,
                'from' => $s->from,
                'to' => $s->to,
                'depth' => $s->depth,
                'behind' => $s->behind,
                'over' => $s->over,
            ],
            'blade' => $way->blade->value,
            'depth' => $way->depth,
            'pace' => $way->pace,
            'length' => $way->length,
            'crazed' => $way->crazed,
            'flat' => $way->flat,
        ] + ($way->back ? ['back' => true] : []);
    }

    private static function readWay(Node $n): Way
    {
        $s = $n->node('stretch');
        $stretch = new Stretch(
            $s->string('id'),
            $s->enum('side', Side::class),
            $s->number('from', 0, 300),
            $s->number('to', 0, 300),
            $s->number('depth', 0, 50),
            false,
            $s->optionalString('behind'),
            $s->optionalString('over'),
        );

        return new Way(
            $stretch,
            $n->enum('blade', Blade::class),
            $n->number('depth', 0, 50),
            $n->number('pace', 0.001, 1000),
            $n->number('length', 0, 2000),
            $n->flag('crazed'),
            $n->flag('flat'),
            $n->has('back'),
        );
    }
}
