<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Apart;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\Tool;
use Facelift\Heat\Source;
use Facelift\Heat\SourceKind;
use Facelift\Plan\Hazard;

/**
 * What a source of heat means for a step.
 *
 * @internal
 */
final readonly class SourceWords
{
    public function __construct(private Source $source) {}

    /** On a plate the heated face lies down; air and bag come from above. */
    public function faceUp(Face $heated): Face
    {
        return $this->source->kind === SourceKind::Plate ? $heated->other() : $heated;
    }

    public function tool(): Tool
    {
        return match ($this->source->kind) {
            SourceKind::Plate => Tool::Plate,
            SourceKind::GrainBag => Tool::GrainBag,
            SourceKind::HotAir, SourceKind::LocalAir => Tool::HotAir,
        };
    }

    public function hazard(): Hazard
    {
        return match ($this->source->kind) {
            SourceKind::Plate => Hazard::HotPlate,
            SourceKind::GrainBag => Hazard::HotFace,
            SourceKind::HotAir, SourceKind::LocalAir => Hazard::HotAir,
        };
    }

    /** @return array<string, string|float|int> */
    public function figures(): array
    {
        return ['set' => round($this->source->set), 'source' => $this->source->kind->value];
    }
}
