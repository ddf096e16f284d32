<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** A film or guard that a new part comes with. */
enum Film: string
{
    case Front = 'film-front';
    /** A second one over the front film, with a tab to pull. */
    case FrontOver = 'film-front-over';
    case Back = 'film-back';
    case Camera = 'film-camera';
    case FlexGuard = 'flex-guard';

    /**
     * Protects the glass through the work and comes off before the customer's eyes; every other has to go before the
     * part is fitted.
     */
    public function staysUntilHandOver(): bool
    {
        return $this->thing()->staysUntilHandOver();
    }

    /** What it is in the ledger. */
    public function thing(): Thing
    {
        return match ($this) {
            self::Front => Thing::FilmFront,
            self::FrontOver => Thing::FilmFrontOver,
            self::Back => Thing::FilmBack,
            self::Camera => Thing::FilmCamera,
            self::FlexGuard => Thing::FlexGuard,
        };
    }
}
