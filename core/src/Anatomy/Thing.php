<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** What is put on for the work, or comes on the new part, and has to come off again. */
enum Thing: string
{
    case TapeFront = 'tape-front';
    case TapeBack = 'tape-back';
    case Picks = 'picks';
    case Prop = 'prop';
    case Clamps = 'clamps';
    case TestExtension = 'test-extension';
    case LensFront = 'lens-front';
    case LensRear = 'lens-rear';
    case FilmFront = 'film-front';
    case FilmFrontOver = 'film-front-over';
    case FilmBack = 'film-back';
    case FilmCamera = 'film-camera';
    case FlexGuard = 'flex-guard';

    /** Tape that holds the shards of a face. */
    public static function tape(Face $face): self
    {
        return $face === Face::Front ? self::TapeFront : self::TapeBack;
    }

    /** Protects the glass through the work and comes off before the customer's eyes. */
    public function staysUntilHandOver(): bool
    {
        return $this === self::FilmFront;
    }

    /** Put over a lens while it lies outside the phone. */
    public function coversALens(): bool
    {
        return $this === self::LensFront || $this === self::LensRear;
    }

    /** Came on the new part to protect a face of it. */
    public function isFilm(): bool
    {
        return match ($this) {
            self::FilmFront, self::FilmFrontOver, self::FilmBack, self::FilmCamera => true,
            default => false,
        };
    }
}
