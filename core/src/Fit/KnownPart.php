<?php

declare(strict_types=1);

namespace Facelift\Fit;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\ReplacementKind;

/** What a phone file knows of a part for the phone before anybody has looked at it: all that has not to be typed. */
final readonly class KnownPart
{
    /** What it is usually called: the model, and what it is. */
    public static function nameOf(Phone $phone, Replacement $replacement): string
    {
        return $phone->identity->model . ', ' . mb_strtolower($replacement->name);
    }

    /**
     * Codes that take another connector take another part: without a code it is the part of the panel's own connector.
     * Colour and data sheet are not known.
     *
     * @param string|null $code model code that it is for; null: all that take the same
     */
    public static function of(Phone $phone, Replacement $replacement, ?string $code = null): Offer
    {
        $glass = $replacement->kind === ReplacementKind::GlassOnly;
        $connector = $code === null ? $phone->panel->connectorCode : $phone->displayConnector($code);
        $codes = $code === null
            ? array_filter(
                array_map(strval(...), array_keys($phone->identity->codes)),
                static fn(string $c): bool => $phone->displayConnector($c) === $connector,
            )
            : [$code];

        return new Offer(
            array_values($codes),
            $replacement->kind,
            $glass ? null : $connector,
            $glass ? null : $phone->panel->technology,
            null,
            $glass ? null : $phone->panel->refresh,
            $replacement->brings,
        );
    }
}
