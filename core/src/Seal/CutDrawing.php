<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Geometry\Leg;
use Facelift\Geometry\RoundedRectangle;

/** What a cut sheet shows: the ledge, what stays free, the pieces as they lie, the bead. Seen from the bond's face. */
final readonly class CutDrawing
{
    /**
     * @param string                         $title
     * @param array<string, RoundedRectangle> $free     what openings keep clear, by their name
     * @param list<Piece>                    $pieces
     * @param list<list<Leg>>                $stretches of bead
     * @param float                          $bead      mm that it is laid wide; zero if there is none
     */
    public function __construct(
        public string $title,
        public RoundedRectangle $wall,
        public RoundedRectangle $well,
        public array $free,
        public array $pieces,
        public array $stretches,
        public float $bead,
    ) {}

    public static function of(SealRequest $request, WayOffer $offer): self
    {
        $rim = $request->rim();
        $free = [];
        $freed = $offer->tape->freed ?? $offer->bead->interrupted ?? [];
        foreach ($rim->keepOuts as $out) {
            if ($out->opening !== null && \in_array($out->opening, $freed, true)) {
                $free[$rim->openings[$out->opening]->name] = $out->shape;
            }
        }

        return new self(
            $request->phone->identity->name() . ', ' . $request->bond->name,
            $rim->wall,
            $rim->well,
            $free,
            $offer->tape->pieces ?? [],
            $offer->bead->stretches ?? [],
            $offer->bead->diameter ?? 0.0,
        );
    }

    /** @return list<float> mm, narrow first */
    public function widths(): array
    {
        $widths = array_values(array_unique(array_map(static fn(Piece $p): float => $p->stock, $this->pieces)));
        sort($widths);

        return $widths;
    }
}
