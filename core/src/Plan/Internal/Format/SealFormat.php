<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Anatomy\Renewal;
use Facelift\Document\Node;
use Facelift\Document\Reason;
use Facelift\Seal\SealPlan;
use Facelift\Seal\Way;

/**
 * How a bond is made again, in a plan document.
 *
 * @internal
 */
final readonly class SealFormat
{
    /** @return array<string, mixed> */
    public function write(SealPlan $s): array
    {
        return [
            'bond' => $s->bond,
            'renewal' => $s->renewal->value,
            'way' => $s->way?->value,
            'thickness' => $s->thickness,
            'pieces' => array_map((new PieceFormat())->write(...), $s->pieces),
            'bead' => $s->bead === null ? null : (new BeadFormat())->write($s->bead),
            'heights' => $s->heights === null ? null : (new HeightFormat())->write($s->heights),
            'freed' => $s->freed,
            'hold' => $s->hold === null ? null : (new HoldFormat())->write($s->hold),
            'because' => Maps::reasons($s->because),
            'supplied' => $s->supplied,
        ];
    }

    public function read(Node $n): SealPlan
    {
        $bead = $n->optionalNode('bead');
        $hold = $n->optionalNode('hold');
        $heights = $n->optionalNode('heights');

        return new SealPlan(
            $n->string('bond'),
            $n->enum('renewal', Renewal::class),
            $n->optionalEnum('way', Way::class),
            $n->optionalNumber('thickness', 0, 100),
            $n->each('pieces', (new PieceFormat())->read(...)),
            $bead === null ? null : (new BeadFormat())->read($bead),
            $heights === null ? null : (new HeightFormat())->read($heights),
            $n->strings('freed'),
            $hold === null ? null : (new HoldFormat())->read($hold),
            $n->each('because', Reason::read(...)),
            $n->flag('supplied'),
        );
    }
}
